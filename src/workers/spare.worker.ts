import { expose } from 'comlink';
import { spareApi } from './spareApi';

expose(spareApi);
