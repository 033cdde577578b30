import { expose } from 'comlink';
import { backupApi } from './backupApi';

expose(backupApi);
