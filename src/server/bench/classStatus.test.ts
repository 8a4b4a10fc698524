import { createServer, type AddressInfo, type Server } from 'node:net';
import { newPlan } from '@/core/records/plan/newPlan';
import { closeGateway, openGatewayNow } from '../lanGateway/gatewayKeeper';
import { freePort } from '@/testing/server/freePort';
import { freshBench } from '@/testing/server/benchForTests';
import { openClass } from './classes';
import { classStatus, endClass, endClassOfDeleted, reopenGateway, startClass } from './classStatus';

const HOUR = 3_600_000;

beforeEach(async () => {
  process.env['GROZER_GATEWAY_HOST'] = '127.0.0.1';
  process.env['GROZER_GATEWAY_PORT'] = String(await freePort());
});
afterEach(() => {
  closeGateway();
  jest.useRealTimers();
  delete process.env['GROZER_GATEWAY_HOST'];
  delete process.env['GROZER_GATEWAY_PORT'];
});

test('a class opens the gateway and has a code and a passcode; while none runs, everything stays shut', async () => {
  const context = freshBench();
  expect(classStatus(context, 'p')).toEqual({
    running: null,
    gateway: null,
    passcode: null,
    shut: null,
  });
  const started = await startClass(context, 'p');
  if (!started.ok) throw new Error(started.issues[0]?.message);
  expect(started.value.running?.code).toMatch(/^\w+$/);
  expect(started.value.gateway?.port).toBe(Number(process.env['GROZER_GATEWAY_PORT']));
  expect(started.value.passcode).not.toBeNull();
  expect(classStatus(context, 'p')).toEqual(started.value);
});

test('with each opening of the gateway the passcode is a new one, with each class behind an open gateway it stays', async () => {
  const context = freshBench();
  const first = await startClass(context, 'p');
  const again = await startClass(context, 'p');
  closeGateway();
  const later = await startClass(context, 'p');
  const passcodes = [first, again, later].map((one) => (one.ok ? one.value.passcode : null));
  expect(passcodes[1]).toBe(passcodes[0]);
  expect(passcodes[2]).not.toBe(passcodes[0]);
});

test('groups are told before the gateway closes with the last class', async () => {
  const context = freshBench();
  await startClass(context, 'p');
  jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  expect(endClass(context, 'p')).toMatchObject({ running: null });
  expect(openGatewayNow()).not.toBeNull();
  jest.advanceTimersByTime(10_000);
  expect(openGatewayNow()).toBeNull();
});

test('at its end time a class ends by itself and the gateway shuts, also when the computer slept', async () => {
  jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  const context = freshBench();
  await startClass(context, 'p');
  const told = jest.spyOn(context.bus, 'grew');
  jest.advanceTimersByTime(120_000);
  expect(openGatewayNow()).not.toBeNull();
  context.time += 6 * HOUR;
  jest.advanceTimersByTime(70_000);
  expect(told).toHaveBeenCalledWith('p');
  expect(openGatewayNow()).toBeNull();
});

test('a plan that is deleted has no class any more, and the gateway shuts', async () => {
  const context = freshBench();
  await startClass(context, 'p');
  jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  endClassOfDeleted(context, 'other');
  jest.advanceTimersByTime(10_000);
  expect(openGatewayNow()).not.toBeNull();
  endClassOfDeleted(context, 'p');
  jest.advanceTimersByTime(10_000);
  expect(openGatewayNow()).toBeNull();
});

test('the gateway stays open for a class that begins while another says goodbye', async () => {
  const context = freshBench();
  await startClass(context, 'p');
  jest.useFakeTimers({ doNotFake: ['nextTick', 'setImmediate', 'queueMicrotask'] });
  endClass(context, 'p');
  await startClass(context, 'p');
  jest.advanceTimersByTime(10_000);
  expect(openGatewayNow()).not.toBeNull();
});

test('where no class can begin, the gateway is shut again and the reason is given', async () => {
  expect(await startClass(freshBench(), 'gone')).toMatchObject({
    ok: false,
    issues: [{ code: 'no-plan' }],
  });
  expect(openGatewayNow()).toBeNull();
  const demonstration = newPlan('Acid');
  const withheld = await startClass(
    freshBench({
      ...demonstration,
      cell: { ...demonstration.cell, recipe: 'dilute-sulfuric-acid', body: 'sulfuric-acid' },
    }),
    'p',
  );
  expect(withheld).toMatchObject({ ok: false, issues: [{ code: 'withheld' }] });
  expect(openGatewayNow()).toBeNull();
});

test('a port that is taken is named, with what to do', async () => {
  const taken: Server = createServer();
  await new Promise<void>((resolve) => taken.listen(0, '127.0.0.1', resolve));
  const { port } = taken.address() as AddressInfo;
  process.env['GROZER_GATEWAY_PORT'] = String(port);
  const context = freshBench();
  const started = await startClass(context, 'p');
  const words = new RegExp(`^Port ${port} cannot be opened .*uses it.*GROZER_GATEWAY_PORT`);
  expect(started.ok ? '' : started.issues[0]?.message).toMatch(words);
  // A class that ran before the app was stopped: its page opens and says the same.
  openClass(context, 'p');
  expect(await reopenGateway(context, false)).toMatchObject({ ok: false });
  expect(classStatus(context, 'p').shut).toMatch(words);
  await new Promise((resolve) => taken.close(resolve));
});

test('after a stop of the app the gateway opens for classes that still run, and only for them', async () => {
  const context = freshBench();
  expect(await reopenGateway(context, false)).toBeNull();
  await startClass(context, 'p');
  closeGateway();
  expect(await reopenGateway(context, false)).toEqual({ ok: true, value: openGatewayNow() });
  closeGateway();
  context.time += 7 * HOUR;
  expect(await reopenGateway(context, false)).toBeNull();
  expect(await reopenGateway(context, true)).not.toBeNull();
});
