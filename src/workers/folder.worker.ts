import { expose } from 'comlink';
import { folderApi } from './folderApi';

expose(folderApi);
