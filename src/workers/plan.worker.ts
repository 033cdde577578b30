import { expose } from 'comlink';
import { planApi } from './planApi';

expose(planApi);
