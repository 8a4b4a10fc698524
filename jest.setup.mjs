import { setImmediate } from 'node:timers';
import { TextDecoder, TextEncoder } from 'node:util';

// jsdom leaves these out; libraries expect them on the global object.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;

/** Elements that names are read across without a space. */
const IN_A_LINE = new Set(
  'A ABBR B CITE CODE DFN EM I KBD LABEL MARK Q S SAMP SMALL SPAN STRONG SUB SUP TIME U VAR'.split(
    ' ',
  ),
);

if (typeof window !== 'undefined') {
  window.ResizeObserver ??= class {
    observe() {}
    unobserve() {}
    disconnect() {}
  };
  window.matchMedia ??= (media) => ({
    matches: false,
    media,
    addEventListener() {},
    removeEventListener() {},
  });
}

if (typeof window !== 'undefined') {
  actAsShipped();

  // jsdom matches every rule of every style sheet for each element whose name or visibility is asked for: most of the
  // time of a page's test. What is written at the element itself, and whether it stands in a line, is all that counts.
  window.getComputedStyle = ({ style, tagName }) => {
    const display = style.display || (IN_A_LINE.has(tagName) ? 'inline' : 'block');
    const valueOf = (name) => (name === 'display' ? display : style.getPropertyValue(name));
    return new Proxy(style, {
      get: (_, name) =>
        name === 'display' ? display : name === 'getPropertyValue' ? valueOf : style[name],
    });
  };

  // jsdom looks through the whole page for each label.
  const labels = {
    configurable: true,
    get() {
      const root = this.getRootNode();
      const around = this.closest('label');
      const pointing = this.id === '' ? [] : [...root.querySelectorAll(`label[for="${this.id}"]`)];
      return around === null || pointing.includes(around) ? pointing : [...pointing, around];
    },
  };
  for (const kind of ['Button', 'Input', 'Meter', 'Output', 'Progress', 'Select', 'TextArea']) {
    Object.defineProperty(window[`HTML${kind}Element`].prototype, 'labels', labels);
  }
}

/**
 * React and MUI as they are shipped: those for developers take a third longer (docs/adr/0019-proof-in-minutes.md). They bring no
 * `act`: what React puts off is done at once where a test acts, and by itself otherwise.
 */
function actAsShipped() {
  process.env.NODE_ENV = 'production';
  const putOff = new Set();
  const puttingOff = (schedule) => (work) => {
    const once = () => {
      if (putOff.delete(once)) work();
    };
    putOff.add(once);
    schedule(once);
  };
  const doAll = () => {
    for (const work of putOff) work();
  };
  const { queueMicrotask } = globalThis;
  globalThis.queueMicrotask = puttingOff(queueMicrotask);
  globalThis.setImmediate = puttingOff(setImmediate);
  jest.requireActual('react-dom/client');
  globalThis.queueMicrotask = queueMicrotask;
  delete globalThis.setImmediate;

  const allDone = async (done) => {
    const value = await done;
    do {
      doAll();
      await new Promise((rested) => setImmediate(rested));
    } while (putOff.size > 0);
    return value;
  };
  jest.requireActual('react').act = (work) => {
    const done = work();
    if (typeof done?.then === 'function') return allDone(done);
    doAll();
    return undefined;
  };
}
