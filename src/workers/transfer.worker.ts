import { expose } from 'comlink';
import { transferApi } from './transferApi';

expose(transferApi);
