import { expose } from 'comlink';
import { planner } from './answers';

expose(planner);
