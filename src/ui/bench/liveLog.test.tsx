/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { act, render, screen } from '@testing-library/react';
import type { LogLine } from '@/core/records/logbook/logEntry';
import { keepEverything } from '@/testing/ui/server';
import { LogProvider, useLiveLog, useLog } from './LogProvider';

/** A stream of the server, in the test's hands. */
class HeldStream extends EventTarget {
  static readonly opened: HeldStream[] = [];
  closed = false;

  constructor(readonly url: string) {
    super();
    HeldStream.opened.push(this);
  }

  close(): void {
    this.closed = true;
  }

  tell(name: string, data: string): void {
    if (!this.closed) act(() => void this.dispatchEvent(new MessageEvent(name, { data })));
  }
}

const streams = (): readonly HeldStream[] => HeldStream.opened;
const newest = (): HeldStream => streams().at(-1)!;

const note = (seq: number): LogLine => ({
  seq,
  at: seq,
  author: 'group',
  entryId: `note ${seq}`,
  revision: 1,
  group: 'Tern',
  struck: false,
  entry: { kind: 'note', text: `note ${seq}`, takenAt: '2027-01-29T14:00:00Z' },
});

function Shown({ onPlan }: { readonly onPlan: () => void }) {
  const { lines } = useLog();
  const { ended, present } = useLiveLog('/events', onPlan);
  return (
    <output>
      {lines.map(({ entryId }) => entryId).join(', ')} · {[...present.keys()].join()} ·{' '}
      {ended ? 'ended' : 'goes on'}
    </output>
  );
}

function show(): { readonly onPlan: jest.Mock } {
  const onPlan = jest.fn();
  render(
    <LogProvider initial={[note(4)]} author="teacher" postUrl="/log">
      <Shown onPlan={onPlan} />
    </LogProvider>,
  );
  return { onPlan };
}
const shown = (): string => screen.getByRole('status').textContent ?? '';

beforeEach(() => {
  keepEverything();
  HeldStream.opened.length = 0;
  globalThis.EventSource = HeldStream as unknown as typeof EventSource;
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

test('the stream begins after the last line that is here, and each line stands once', () => {
  show();
  expect(newest().url).toBe('/events?after=4');
  newest().tell('lines', JSON.stringify([note(5), note(6)]));
  newest().tell('lines', JSON.stringify([note(6)]));
  expect(shown()).toContain('note 4, note 5, note 6 ·');
});

test('the plan is asked for anew when the connection comes back, not when it first stands', () => {
  const { onPlan } = show();
  newest().tell('open', '');
  expect(onPlan).not.toHaveBeenCalled();
  newest().tell('open', '');
  newest().tell('plan', '');
  expect(onPlan).toHaveBeenCalledTimes(2);
});

test('a message that was cut on its way begins the stream anew, from the last line that is here', () => {
  const { onPlan } = show();
  newest().tell('open', '');
  newest().tell('lines', JSON.stringify([note(5)]));
  newest().tell('lines', '[{"seq":6,"entr');
  expect(newest().closed).toBe(true);
  expect(streams()).toHaveLength(1);
  act(() => void jest.advanceTimersByTime(2000));
  expect(streams()).toHaveLength(2);
  expect(newest().url).toBe('/events?after=5');
  // The plan may have changed meanwhile.
  expect(onPlan).not.toHaveBeenCalled();
  newest().tell('open', '');
  expect(onPlan).toHaveBeenCalledTimes(1);
  newest().tell('lines', JSON.stringify([note(6)]));
  expect(shown()).toContain('note 5, note 6');
});

test('with the end of the class the stream ends, and who is there is known until then', () => {
  show();
  newest().tell('here', JSON.stringify({ Tern: { devices: 1, since: 1 } }));
  expect(shown()).toContain('· Tern · goes on');
  newest().tell('ended', '');
  expect(shown()).toContain('ended');
  expect(newest().closed).toBe(true);
});
