import { act, cleanup, fireEvent } from '@testing-library/react';
import { computeAccessibleName, getRole } from 'dom-accessibility-api';
import { plain } from './acting';
import { navigation } from './navigation';
import type { Kept } from './server';

/** What can be pressed, chosen, dragged or typed into; tabs are where the pages of a test begin. */
const CONTROLS =
  'button:not([role="tab"]), a[href], input, select, textarea, [role="slider"], [role="menuitem"]';
const OVER_THE_PAGE = '[role="dialog"], [role="menu"]';

interface Page {
  /** Shows the page anew; what it sends to be kept, newest last. */
  readonly show: () => readonly Kept[];
  /** Documents as the page finds them, by their address. */
  readonly found: Readonly<Record<string, unknown>>;
  /** Names of the controls that are meant; without it all. */
  readonly only?: RegExp;
}

/** Timers and day are stood in for: a page is the same whenever its controls are used. */
export function stopClock(): void {
  beforeAll(() => {
    const now = new Date('2026-12-01T09:00');
    jest.useFakeTimers({ now, doNotFake: ['setImmediate', 'queueMicrotask'] });
  });
  afterAll(() => jest.useRealTimers());
}

/** Where a control is found again: its place among those of its root, and its name. */
interface Place {
  readonly name: string;
  readonly index: number;
}

/**
 * Uses each control of a page, and each of the dialogs that open, from the page as it was found: its name and what it
 * did. Fails where an edit of a document that was found cannot be undone. Of controls that differ only in a number the first stands for all, of a
 * choice the first that is not chosen. Wants {@link stopClock}.
 */
export async function everyControl({ show, found, only = /./ }: Page): Promise<string[]> {
  let kept = show();
  let sentBefore = 0;
  let documents = new Map(Object.entries(found));

  /** What the page saves by itself: each place of a document that changed, and whatever else it sends. */
  const saved = async (): Promise<string[]> => {
    await settled();
    const changes = kept.slice(sentBefore).flatMap(({ method, url, body }) => {
      const { document: written } = Object(body);
      if (written === undefined) return [`${method} ${url} ${short(body, 3 * MOST_LETTERS)}`];
      const before = documents.get(url);
      documents.set(url, written);
      return changesOf(before, written);
    });
    sentBefore = kept.length;
    return changes;
  };

  const done = (element: HTMLElement): Promise<string[]> => {
    operate(element);
    return saved();
  };

  const anew = async (): Promise<void> => {
    cleanup();
    kept = show();
    sentBefore = 0;
    documents = new Map(Object.entries(found));
    await settled();
  };

  const back = async (name: string): Promise<void> => {
    for (let over = onTop(); over !== null; over = onTop()) {
      fireEvent.keyDown(over, { key: 'Escape' });
      await settled();
      if (onTop() === over) return anew();
    }
    let undo = undoButton();
    for (let steps = 0; undo !== null; undo = undoButton(), steps += 1) {
      if (steps === MOST_STEPS) throw new Error(`after ${name} there is no end of undoing`);
      fireEvent.click(undo);
    }
    await saved();
    for (const [url, document] of documents) {
      const left = changesOf(found[url] ?? document, document);
      if (left.length > 0) throw new Error(`${name} cannot be undone: ${left.join('; ')}`);
    }
  };

  /** Opens the controls in which the last of these is by using those before it, one in the other. */
  const reached = async (path: readonly Place[]): Promise<HTMLElement | null> => {
    let root: ParentNode = document.querySelector('main') ?? document;
    for (const [depth, place] of path.entries()) {
      const element = elementAt(root, place);
      if (element === null || depth === path.length - 1) return element;
      operate(element);
      await settled();
      root = onTop() ?? root;
    }
    return null;
  };

  const usedAll = async (path: readonly Place[], places: readonly Place[]): Promise<string[]> => {
    const rows: string[] = [];
    for (const place of places) {
      const way = [...path, place];
      let element = await reached(way);
      if (element === null) {
        await anew();
        element = await reached(way);
      }
      if (element === null) throw new Error(`“${place.name}” does not come back`);
      const over = onTop();
      const before = seen(element);
      const effects = whyNot(element) ?? (await done(element));
      rows.push(`${place.name}: ${effectsOf(before, seen(element), effects).join('; ')}`);
      const opened = onTop();
      if (opened !== null && over === null) {
        const inside = placesWithin(opened);
        await back(place.name);
        rows.push(...(await usedAll(way, inside)).map((row) => `  ${row}`));
      }
      await back(place.name);
    }
    return rows;
  };

  await settled();
  const places = placesWithin(document.querySelector('main') ?? document);
  return usedAll(
    [],
    places.filter(({ name }) => only.test(name)),
  );
}

/** More edits than one use of a control makes. */
const MOST_STEPS = 5;

/** Longer than anything on a page waits before it goes on by itself. */
const REST_MS = 1000;

/** Until whatever a page does by itself is done. */
async function settled(): Promise<void> {
  await act(() => jest.advanceTimersByTimeAsync(REST_MS));
}

/** What is open stands beside the page, at the end of the document. */
function onTop(): HTMLElement | null {
  const last = document.body.lastElementChild;
  return last?.previousElementSibling == null
    ? null
    : last.querySelector<HTMLElement>(OVER_THE_PAGE);
}

function undoButton(): HTMLButtonElement | null {
  return document.querySelector<HTMLButtonElement>('button[aria-label^="Undo"]:not(:disabled)');
}

function elementsWithin(root: ParentNode): HTMLElement[] {
  return [...root.querySelectorAll<HTMLElement>(CONTROLS)].filter(
    (element) => element.closest('[hidden], [inert], [aria-hidden="true"]') === null,
  );
}

function placesWithin(root: ParentNode): Place[] {
  const kinds = new Set<string>();
  return elementsWithin(root).flatMap((element, index) => {
    const choice = choiceOf(element);
    if (choice === 'chosen') return [];
    const name = nameOf(element);
    const kind = choice ?? name.replaceAll(/\d+/g, '#');
    if (kinds.has(kind)) return [];
    kinds.add(kind);
    return [{ name, index }];
  });
}

/** The choice that a radio button, or a button of a group of which one is pressed, belongs to; else `null`. */
function choiceOf(element: HTMLElement): string | null {
  if (element instanceof HTMLInputElement && element.type === 'radio') {
    return element.checked ? 'chosen' : `choice ${element.name}`;
  }
  const group = element.closest<HTMLElement>('[role="group"]');
  const pressed = element.getAttribute('aria-pressed');
  if (group?.querySelector('[aria-pressed="true"]') == null || pressed === null) return null;
  return pressed === 'true' ? 'chosen' : `choice ${nameOf(group)}`;
}

/** Looked for by its name only where it does not stand where it stood: names are slow to work out. */
function elementAt(root: ParentNode, { name, index }: Place): HTMLElement | null {
  const elements = elementsWithin(root);
  const there = elements[index];
  if (there !== undefined && nameOf(there) === name) return there;
  return elements.find((element) => nameOf(element) === name) ?? null;
}

/** As a screen reader says it: name and role. */
function nameOf(element: HTMLElement): string {
  const name = plain(computeAccessibleName(element)).replaceAll(/\s+/g, ' ');
  return `${name} (${getRole(element) ?? element.tagName.toLowerCase()})`;
}

/** What tells without using it; `null` where it must be used. */
function whyNot(element: HTMLElement): string[] | null {
  const href = element instanceof HTMLAnchorElement ? element.getAttribute('href') : null;
  if (href !== null) return [`leads to ${href}`];
  if (element.matches(':disabled, [aria-disabled="true"]')) return ['cannot be used'];
  return element instanceof HTMLInputElement && element.type === 'file'
    ? ['asks for a file']
    : null;
}

/** Uses a control as a person would who tries everything out. */
function operate(element: HTMLElement): void {
  if (element instanceof HTMLSelectElement) {
    const options = [...element.options].filter(({ disabled }) => !disabled);
    const next = options[(options.findIndex(({ selected }) => selected) + 1) % options.length];
    fireEvent.change(element, { target: { value: next?.value } });
    return;
  }
  const typed = typedInto(element);
  if (typed === null) {
    fireEvent.click(element);
    return;
  }
  act(() => element.focus());
  fireEvent.change(element, { target: { value: typed } });
  fireEvent.blur(element);
}

/** What is typed into a field: one more where a number stands, another text otherwise; `null` where nothing is typed. */
function typedInto(element: HTMLElement): string | null {
  if (element instanceof HTMLTextAreaElement) return `${element.value} too`;
  if (!(element instanceof HTMLInputElement)) return null;
  const { type, value } = element;
  if (type === 'range') return String(Number(value) - Number(element.step || 1));
  if (type !== 'text' && type !== 'number' && type !== 'search') return null;
  return /\d/.test(value) ? value.replace(/\d+/, (digits) => String(Number(digits) + 1)) : '3';
}

/** Each place in which two documents differ, and how. */
function changesOf(before: unknown, after: unknown, path = ''): string[] {
  if (JSON.stringify(before) === JSON.stringify(after)) return [];
  if (isPart(before) && isPart(after)) {
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) =>
      changesOf(before[key], after[key], path === '' ? key : `${path}.${key}`),
    );
  }
  return [`${path} ${short(before)} → ${short(after)}`];
}

function isPart(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null;
}

const MOST_LETTERS = 60;
const MOST_CHANGES = 4;

function short(value: unknown, most = MOST_LETTERS): string {
  const text = JSON.stringify(value, withoutIds) ?? 'nothing';
  return text.length > most ? `${text.slice(0, most)}…` : text;
}

/** Ids are drawn by lot, and the moment is none of a table’s. */
function withoutIds(key: string, value: unknown): unknown {
  return key === 'entryId' || key === 'takenAt' ? undefined : value;
}

/** What a page shows, as far as a control may change it. */
interface Seen {
  readonly address: string;
  readonly pushed: number;
  readonly over: string | null;
  readonly folded: string | null;
  readonly pressed: string | null;
  readonly said: ReadonlySet<string>;
}

function seen(element: HTMLElement): Seen {
  const over = onTop();
  return {
    address: window.location.search,
    pushed: navigation.pushed.length,
    over: over === null ? null : nameOf(over),
    folded: element.getAttribute('aria-expanded'),
    pressed: element.getAttribute('aria-pressed'),
    said: saidOn(document.body),
  };
}

/** Its texts, what its pictures and fields say, and where its links lead. */
function saidOn(root: Element): Set<string> {
  const said = new Set<string>();
  const walker = document.createTreeWalker(root, NodeFilter.SHOW_TEXT);
  while (walker.nextNode() !== null) said.add(plain(walker.currentNode.textContent ?? '').trim());
  for (const one of root.querySelectorAll('[aria-label], a[href], input')) {
    for (const name of ['aria-label', 'href', 'aria-valuetext']) {
      said.add(one.getAttribute(name) ?? '');
    }
    if (one instanceof HTMLInputElement) said.add(plain(one.value));
  }
  return said;
}

/** What using a control did: what it changed, where it leads, what opens, or else what the page says then. */
function effectsOf(before: Seen, after: Seen, changes: readonly string[]): string[] {
  const effects = [
    ...changes.slice(0, MOST_CHANGES),
    ...(changes.length > MOST_CHANGES ? [`${changes.length - MOST_CHANGES} more changes`] : []),
    ...navigation.pushed.slice(before.pushed).map((href) => `goes to ${href}`),
    ...(after.address === before.address ? [] : [`address ${after.address}`]),
    ...(after.over === null || after.over === before.over ? [] : [`opens ${after.over}`]),
  ];
  if (effects.length > 0) return effects;
  if (after.over !== before.over) return ['closes'];
  if (after.folded !== before.folded) return [after.folded === 'true' ? 'unfolds' : 'folds'];
  if (after.pressed !== before.pressed)
    return [after.pressed === 'true' ? 'is chosen' : 'is let go'];
  const said = [...after.said].find((text) => text !== '' && !before.said.has(text));
  return [said === undefined ? 'nothing' : `says ${said.slice(0, MOST_LETTERS)}`];
}
