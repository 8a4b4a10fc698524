import { plain } from './acting';

/** What begins a line of its own; what else there is stands within one. */
const LINES =
  /^(p|div|h[1-6]|li|tr|caption|dt|dd|section|header|main|nav|legend|label|button|summary|figcaption|svg|input|textarea|select|ul|ol|table)$/;
const HEADING = /^h[1-6]$/;

/**
 * The words of a page in the order in which they are read, a line each: headings with #, what can be pressed in parentheses, what
 * can be typed into in brackets, cells of a table between bars, pictures by what they say and by what they are made of. Figures
 * are masked: they are the core's.
 */
export function wordsOfPage(root: HTMLElement = document.body): string[] {
  const lines: string[] = [];
  let line = '';
  const flush = (): void => {
    const text = plain(line).replace(/\s+/g, ' ').trim();
    if (text !== '') lines.push(text);
    line = '';
  };
  const walk = (node: Node): void => {
    if (node.nodeType === Node.TEXT_NODE) line += masked(node.textContent ?? '');
    if (!(node instanceof Element) || isHidden(node)) return;
    const tag = node.tagName.toLowerCase();
    if (LINES.test(tag)) flush();
    if (tag === 'svg') line += pictureOf(node);
    else if (node.getAttribute('role') === 'progressbar') line += progressOf(node);
    else if (node instanceof HTMLInputElement || node instanceof HTMLTextAreaElement) {
      line += fieldOf(node);
    } else {
      if (HEADING.test(tag)) line += `${'#'.repeat(Number(tag[1]))} `;
      if (tag === 'button') line += '(';
      for (const child of node.childNodes) walk(child);
      if (tag === 'td' || tag === 'th') line += ' | ';
      if (tag === 'button') line = line.trim() === '(' ? '' : `${line})`;
    }
    if (LINES.test(tag)) flush();
  };
  walk(root);
  flush();
  return lines;
}

const masked = (text: string): string => text.replace(/\d+([.,]\d+)*/g, '0');

function isHidden(element: Element): boolean {
  return (
    element.getAttribute('aria-hidden') === 'true' ||
    element.hasAttribute('hidden') ||
    /^(script|style)$/i.test(element.tagName) ||
    (element instanceof HTMLElement && element.style.display === 'none')
  );
}

function fieldOf(field: HTMLInputElement | HTMLTextAreaElement): string {
  if (field.type === 'hidden') return '';
  const name = field.getAttribute('aria-label') ?? field.labels?.[0]?.textContent ?? '';
  const held = /^(checkbox|radio)$/.test(field.type)
    ? (field as HTMLInputElement).checked
    : field.value;
  return masked(`[${name}: ${held}]`);
}

/** How far something is, and in which colour it is said. */
function progressOf(bar: Element): string {
  const colour = /MuiLinearProgress-color(\w+)/.exec(bar.className)?.[1] ?? 'plain';
  return masked(`${bar.getAttribute('aria-label')}, `) + colour.toLowerCase();
}

/** What a picture says, its words, and of each kind of shape how many there are and about where. */
function pictureOf(svg: Element): string {
  const said = svg.getAttribute('aria-label') ?? svg.querySelector('title')?.textContent ?? '';
  const words = [...svg.querySelectorAll('text')].map((text) => text.textContent).join(', ');
  if (said === '' && words === '') return '';
  const shapes = [...svg.querySelectorAll('path, rect, circle, ellipse, line, text')];
  const tags = [...new Set(shapes.map(({ tagName }) => tagName))];
  const drawn = tags.map((tag) => {
    const all = shapes.filter(({ tagName }) => tagName === tag);
    return `${all.length} ${tag} about ${[0, 1].map((axis) => middle(all, axis)).join(' ')}`;
  });
  return masked(`picture: ${said} {${words}} `) + drawn.join(', ');
}

/** Mean of the first places of shapes along an axis, in their own units. */
function middle(shapes: readonly Element[], axis: number): number {
  const at = shapes.map((shape) => {
    const own = ['x', 'cx', 'x1', 'y', 'cy', 'y1'].slice(3 * axis, 3 * axis + 3);
    const given = own.map((name) => shape.getAttribute(name)).find((place) => place !== null);
    const path = shape.getAttribute('d')?.match(/-?\d+(\.\d+)?/g)?.[axis];
    return Number(given ?? path ?? 0);
  });
  return Math.round(at.reduce((sum, one) => sum + one, 0) / at.length);
}
