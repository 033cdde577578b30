import { expose } from 'comlink';
import { filmApi } from './filmApi';

expose(filmApi);
