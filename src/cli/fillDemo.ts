import { rmSync } from 'node:fs';
import { createDocumentRepository } from '@/data/documentRepository';
import { createLogRepository } from '@/data/logRepository';
import { openDatabase } from '@/data/openDatabase';
import { TOOL_ID } from '@/core/documents/tools/toolDocument';
import { DEMO_CUPBOARD } from './demoCupboard';
import { DEMO_FAIR_TEST } from './demoFairTest';
import { DEMO_LOG } from './demoLog';
import { DEMO_PLANS } from './demoPlans';
import { DEMO_RECIPE } from './demoRecipe';
import { DEMO_SCHOOL } from './demoSchool';

const file = process.argv[2];
if (file === undefined) throw new Error('usage: fillDemo DATABASE_FILE');

for (const suffix of ['', '-wal', '-shm']) rmSync(`${file}${suffix}`, { force: true });
const database = openDatabase(file);
const start = Date.now();
const plans = createDocumentRepository(database, 'plans');
DEMO_PLANS.forEach(({ id, plan }, index) => plans.insert(id, plan, start + index));
createDocumentRepository(database, 'recipes').insert(DEMO_RECIPE.id, DEMO_RECIPE.recipe, start);
createDocumentRepository(database, 'fair-tests').insert(
  DEMO_FAIR_TEST.id,
  DEMO_FAIR_TEST.test,
  start,
);
createDocumentRepository(database, 'cupboard').insert(TOOL_ID, DEMO_CUPBOARD, start);
createDocumentRepository(database, 'school').insert(TOOL_ID, DEMO_SCHOOL, start);
createLogRepository(database).appendAll(DEMO_LOG.planId, DEMO_LOG.requests, 'teacher', start);
database.$client.close();
