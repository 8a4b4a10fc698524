import * as z from 'zod/mini';
import { nominalBatteryOf } from '@/core/work/diagnosis/nominalBattery';
import { CURRENT_RANGES, VOLT_RANGES } from '@/core/physics/instruments/meter';
import { groupNameSchema } from '@/core/records/logbook/logEntry';
import { measurementSchema } from '@/core/records/logbook/measurementSchema';
import { fullScale } from '@/core/physics/instruments/meter';
import { simulatedOf } from '@/core/work/standIn/standIn';
import { evaluatePlan } from '@/core/work/judging/evaluatePlan';
import type { Result } from '@/core/result';
import type { ServerContext } from '../context';
import { openBench } from '../openTool';
import { readMeter, type MeterReading } from './readMeter';

export const meterRequestSchema = z.strictObject({
  measurement: measurementSchema,
  group: groupNameSchema,
  range: z.nullable(z.enum([...VOLT_RANGES, ...CURRENT_RANGES], 'Choose one of the ranges.')),
});

/** One reading of a plan’s battery from the meter at the configured address; `null` where there is no such plan. */
export async function takeReading(
  context: ServerContext,
  planId: string,
  { measurement, group, range }: z.infer<typeof meterRequestSchema>,
): Promise<Result<MeterReading> | null> {
  const found = context.documents('plans').find(planId);
  if (found === null) return null;
  if (!found.document.ok) return found.document;
  const { host, port } = openBench(context, 'meter').initial.state;
  const nominal = nominalBatteryOf(evaluatePlan(found.document.value));
  return readMeter({
    address: { host, port },
    measurement,
    fullScale: range === null ? null : fullScale(range),
    simulated: simulatedOf(nominal, group),
  });
}
