import { expose } from 'comlink';
import { spreadApi } from './spreadApi';

expose(spreadApi);
