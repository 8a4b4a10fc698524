import { rmSync } from 'node:fs';
import { openDatabase } from '@/data/openDatabase';
import { createPlanRepository } from '@/data/planRepository';
import { DEMO_PLANS } from './demoPlans';

const file = process.argv[2];
if (file === undefined) throw new Error('usage: fillDemo DATABASE_FILE');

for (const suffix of ['', '-wal', '-shm']) rmSync(`${file}${suffix}`, { force: true });
const database = openDatabase(file);
const repository = createPlanRepository(database);
const start = Date.now();
DEMO_PLANS.forEach(({ id, plan }, index) => repository.insert(id, plan, start + index));
database.$client.close();
