import { expose } from 'comlink';
import { rebalanceApi } from './rebalanceApi';

expose(rebalanceApi);
