import React from 'react';
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
  // React notes for its developer tools where each element was made, up to ten thousand a second: a fifth of the time.
  const { __CLIENT_INTERNALS_DO_NOT_USE_OR_WARN_USERS_THEY_CANNOT_UPGRADE: internals } = React;
  Object.defineProperty(internals, 'recentlyCreatedOwnerStacks', { get: () => Infinity, set() {} });

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
