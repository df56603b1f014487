import { expose } from 'comlink';
import { reckon } from './plans';

expose({ reckon });
