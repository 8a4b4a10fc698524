import { expose } from 'comlink';
import { plannerJobs } from './plannerJobs';

expose(plannerJobs);
