import { init, setPlatformAPI } from 'echarts';
import type { EChartsCoreOption } from 'echarts/core';
import { charted } from './charted';

/** Each chart of the page as the library draws it: every text and every line with its look and its place. */
export function drawnCharts(): string {
  return [...charted].map(([label, option]) => [label, ...drawn(option)].join('\n')).join('\n\n');
}

// jsdom draws nothing: letters are as wide as the library takes them to be.
setPlatformAPI({
  createCanvas: () => ({ getContext: () => null }) as unknown as HTMLCanvasElement,
});

const SIZE = { width: 400, height: 200 };

function drawn(option: EChartsCoreOption): string[] {
  const chart = init(null, null, { renderer: 'svg', ssr: true, ...SIZE });
  chart.setOption(option);
  const picture = new DOMParser().parseFromString(chart.renderToSVGString(), 'image/svg+xml');
  chart.dispose();
  const rows = new Map<string, string[]>();
  for (const shape of picture.querySelectorAll('text, path, circle, polyline, polygon')) {
    if (shape.closest('defs') !== null) continue;
    const look = `${shape.tagName} ${attributes(shape, LOOKS)}`;
    const said = shape.tagName === 'text' ? ` “${shape.textContent}”` : '';
    const alike = rows.get(look) ?? [];
    rows.set(look, [...alike, `${short(rounded(attributes(shape, PLACES)))}${said}`]);
  }
  // Of a grid, and of points without end, the first and the last are enough.
  return [...rows].flatMap(([look, places]) =>
    places.length > MANY
      ? [`${places.length} × ${look} | ${places[0]} to ${places.at(-1)}`]
      : places.map((place) => `${look} | ${place}`),
  );
}

const MANY = 20;

function attributes(shape: Element, names: readonly string[]): string {
  return names
    .map((name) => shape.getAttribute(name) ?? 'none')
    .filter((value) => value !== 'none')
    .join(' ');
}

const LOOKS = ['fill', 'fill-opacity', 'stroke', 'stroke-width', 'stroke-dasharray', 'opacity'];
const PLACES = ['transform', 'x', 'y', 'cx', 'cy', 'r', 'd', 'points'];

const rounded = (text: string): string =>
  text.replaceAll(/-?\d+\.\d+(e-?\d+)?/g, (number) => String(Math.round(Number(number))));

/** A long line by its begin and its end. */
function short(text: string): string {
  return text.length > 90 ? `${text.slice(0, 50)} … ${text.slice(-30)}` : text;
}
