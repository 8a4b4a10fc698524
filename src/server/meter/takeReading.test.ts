import { createServer, type AddressInfo, type Server } from 'node:net';
import { demoPlan } from '@/cli/demoPlans';
import { TOOL_ID } from '@/core/documents/tools/toolDocument';
import { createStandIn, type HiddenFault } from '@/core/work/standIn/standIn';
import { createDocumentRepository } from '@/data/documentRepository';
import { openDatabase } from '@/data/openDatabase';
import type { ServerContext } from '../context';
import { openBench } from '../openTool';
import { answerLines } from './answerLines';
import { meterRequestSchema, takeReading } from './takeReading';

const servers: Server[] = [];
afterAll(() => servers.forEach((server) => server.close()));

/** The stand-in meter behind a socket; its port. */
const meterWith = async (hidden: HiddenFault | null): Promise<number> => {
  const server = createServer((socket) => answerLines(socket, createStandIn(hidden)));
  servers.push(server);
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  return (server.address() as AddressInfo).port;
};

/** A server with the scenario’s lamp, and a meter at a port. */
const contextWith = (port: number): ServerContext => {
  const db = openDatabase(':memory:');
  const context: ServerContext = {
    documents: (kind) => createDocumentRepository(db, kind),
    now: () => 0,
    newId: () => 'id',
  };
  context.documents('plans').insert('lamp', demoPlan('demo-lamp'), 0);
  const { initial } = openBench(context, 'meter');
  const state = { ...initial.state, host: '127.0.0.1', port };
  context.documents('meter').insert(TOOL_ID, { ...initial, state }, 0);
  return context;
};
const ask = (to: number, group = 'Curlew', range: '20 V' | null = '20 V') =>
  meterRequestSchema.parse({
    measurement: { kind: 'volts', string: 1, from: 1, to, built: 4 },
    group,
    range,
  });
const voltsOf = async (
  context: ServerContext,
  ...asked: Parameters<typeof ask>
): Promise<number> => {
  const taken = await takeReading(context, 'lamp', ask(...asked));
  if (taken?.ok !== true) throw new Error(taken?.issues[0]?.message ?? 'no plan');
  return taken.value.value;
};

test('the meter reads the plan’s own battery: about 0.93 V a cell, more with each', async () => {
  const context = contextWith(await meterWith(null));
  for (const cells of [1, 2, 3, 4]) {
    const volts = await voltsOf(context, cells);
    // Four standard deviations of cells that differ by 5 %.
    expect(Math.abs(volts - 0.93 * cells)).toBeLessThan(4 * 0.05 * 0.93 * Math.sqrt(cells));
  }
});

test('each group’s cells are its own, and stay so', async () => {
  const context = contextWith(await meterWith(null));
  const [curlew, again, knot] = [
    await voltsOf(context, 4, 'Curlew', null),
    await voltsOf(context, 4, 'Curlew', null),
    await voltsOf(context, 4, 'Knot', null),
  ];
  expect(again).toBeCloseTo(curlew, 1);
  expect(Math.abs(knot - curlew)).toBeGreaterThan(0.005);
});

test('a cell that is turned round at the bench takes twice its volts away', async () => {
  const context = contextWith(await meterWith({ kind: 'reversed', cell: 2 }));
  expect(await voltsOf(context, 2)).toBeLessThan(0.4);
});

test('a plan that is gone, a meter that is not there', async () => {
  const port = await meterWith(null);
  const context = contextWith(port);
  expect(await takeReading(context, 'gone', ask(1))).toBeNull();
  const unplugged = contextWith(1);
  expect(await takeReading(unplugged, 'lamp', ask(1))).toMatchObject({ ok: false });
});

test('what is no measurement is refused by its field', () => {
  const paths = (request: object): string[] => {
    const parsed = meterRequestSchema.safeParse({ ...ask(1), ...request });
    return parsed.success ? [] : parsed.error.issues.map(({ path }) => String(path[0]));
  };
  expect(paths({})).toEqual([]);
  expect(paths({ range: '7 V' })).toEqual(['range']);
  expect(paths({ group: '' })).toEqual(['group']);
  expect(paths({ measurement: { kind: 'smell' } })).toEqual(['measurement']);
});
