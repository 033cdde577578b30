import { expose } from 'comlink';
import { taughtApi } from './taughtApi';

expose(taughtApi);
