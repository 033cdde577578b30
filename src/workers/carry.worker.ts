import { expose } from 'comlink';
import { carryApi } from './carryApi';

expose(carryApi);
