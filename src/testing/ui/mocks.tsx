/**
 * Imported first by tests that show whole pages in jsdom: routes, the worker and the drawing of charts are stood in
 * for; stores, calculation and everything that is read and pressed are the real ones.
 */
import { format } from 'node:util';
import '@testing-library/jest-dom';
import { configure, getConfig } from '@testing-library/react';

// Nothing is timed: a busy machine may take long over what comes in a moment; what never comes still fails. While mutants
// are tried much never comes.
const { patienceMs = 60_000 } = globalThis as { patienceMs?: number };
const { getElementError: withPage } = getConfig();
configure({
  asyncUtilTimeout: patienceMs,
  // While something is waited for nobody reads the page: it is told where the waiting ends.
  getElementError: (message, container) =>
    (getConfig() as { _disableExpensiveErrorDiagnostics?: boolean })
      ._disableExpensiveErrorDiagnostics === true
      ? new Error(message ?? '')
      : withPage(message, container),
});

const complaints: string[] = [];
beforeAll(() => {
  // A page goes on by itself, by timers and answers, as in the browser; only what a test does is waited for.
  (globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = false;
  // What React and MUI complain of is a fault of the page.
  const { error } = console;
  console.error = (...said: unknown[]) => {
    complaints.push(format(...said));
    error(...said);
  };
});
afterEach(() => {
  const said = complaints.splice(0);
  if (said.length > 0) throw new Error(`The console says: ${said.join(' | ')}`);
});

jest.mock('next/navigation', () => jest.requireActual('./navigation').navigation);
jest.mock('@/workers/plannerClient', () => jest.requireActual('./workerInPage'));
jest.mock('comlink', () => ({ proxy: (report: unknown) => report }));
jest.mock('@/ui/chart/Chart', () => {
  const { charted } = jest.requireActual<{ charted: Map<string, object> }>('./charted');
  return {
    Chart: ({ label, option }: { label: string; option: object }) => {
      charted.set(label, option);
      return <div role="img" aria-label={label} />;
    },
  };
});

// Nothing comes by itself: no server tells what others log.
class QuietEvents {
  addEventListener(): void {}
  close(): void {}
}
globalThis.EventSource ??= QuietEvents as unknown as typeof EventSource;

// Links look ahead only where they come into view, and nothing does.
class NothingInView {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
globalThis.IntersectionObserver ??= NothingInView as unknown as typeof IntersectionObserver;

// jsdom reads no files in one piece.
File.prototype.arrayBuffer ??= function read(this: File) {
  return new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as ArrayBuffer);
    reader.onerror = () => reject(reader.error ?? new Error('the file cannot be read'));
    reader.readAsArrayBuffer(this);
  });
};

// jsdom lays nothing out.
Element.prototype.scrollIntoView = () => undefined;

// Nor does it scroll.
window.scrollTo = () => undefined;

// jsdom decodes no pictures: to it each file is none.
globalThis.createImageBitmap ??= () => Promise.reject(new Error('this is no picture'));
