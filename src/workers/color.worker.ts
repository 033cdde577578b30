import { expose } from 'comlink';
import { colorApi } from './colorApi';

expose(colorApi);
