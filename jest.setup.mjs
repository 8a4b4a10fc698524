import { TextDecoder, TextEncoder } from 'node:util';

// jsdom leaves these out; libraries expect them on the global object.
globalThis.TextEncoder ??= TextEncoder;
globalThis.TextDecoder ??= TextDecoder;

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
