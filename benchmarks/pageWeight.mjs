import { gzipSync } from 'node:zlib';
import { printRow } from './print.mjs';

const PLAN = { most: 410, goal: 320 };
const TOOL = { most: 306, goal: 320 };
const LIST = { most: 265, goal: 320 };

/**
 * Pages and the JavaScript that each loads first, in kB of gzip: above `most` the browser tests fail, `goal` is what is aimed at.
 * React and Next alone are 140 kB of it.
 */
export const PAGES_KB = {
  '/join': { most: 148, goal: 140 },
  '/passcode': { most: 147, goal: 140 },
  '/group': { most: 185, goal: 160 },
  '/plans/demo-lamp/power': PLAN,
  '/plans/demo-lamp/cell': PLAN,
  '/plans/demo-lamp/arrange': PLAN,
  '/plans/demo-lamp/build': PLAN,
  '/plans/demo-lamp/ready': PLAN,
  '/plans/demo-lamp/run': PLAN,
  '/plans/demo-lamp/reality': PLAN,
  '/': LIST,
  '/help': LIST,
  '/coins': TOOL,
  '/drill': TOOL,
  '/cupboard': TOOL,
  '/fair-tests': LIST,
};

/**
 * JavaScript that the HTML of a page names, as script or to be preloaded: what the browser loads before it answers.
 * @param {string} base
 * @param {string} path
 * @param {Record<string, string>} [headers]
 * @returns {Promise<{ landed: string, bytes: number }>} where the page came from in the end, and bytes of gzip
 */
export async function firstLoadBytes(base, path, headers = {}) {
  const answer = await fetch(`${base}${path}`, { headers });
  const html = await answer.text();
  const tags = [...html.matchAll(/<(?:script|link)\b[^>]*>/g)].map(([tag]) => tag);
  const sources = new Set(
    tags
      .filter((tag) => !tag.includes('noModule'))
      .flatMap((tag) => tag.match(/(?:src|href)="([^"]+\.js[^"]*)"/)?.slice(1) ?? []),
  );
  const sizes = await Promise.all(
    [...sources].map(async (source) => {
      const script = await fetch(new URL(source, base));
      return gzipSync(Buffer.from(await script.arrayBuffer())).length;
    }),
  );
  const bytes = sizes.reduce((sum, size) => sum + size, 0);
  return { landed: new URL(answer.url).pathname, bytes };
}

/** Starts the class of a demo plan and sits down as its first group. */
async function seatOfFirstGroup(base) {
  const send = (url, body) =>
    fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
  const started = await send(`${base}/api/lessons/demo-lamp/class`, { running: true });
  const { running, gateway } = await started.json();
  const address = `http://127.0.0.1:${gateway.port}`;
  const join = `${address}/api/class/join`;
  const { groups } = await (await send(join, { code: running.code, group: null })).json();
  const seated = await send(join, { code: running.code, group: groups[0] });
  return { address, cookie: seated.headers.get('set-cookie').split(';')[0] };
}

/**
 * First-load JavaScript of each page.
 *
 * @param base address of a running production server with the demo plans.
 */
export async function benchPageWeight(base) {
  const { address, cookie } = await seatOfFirstGroup(base);
  for (const [path, { goal }] of Object.entries(PAGES_KB)) {
    const onPhone = path === '/group';
    const { landed, bytes } = await firstLoadBytes(
      onPhone ? address : base,
      path,
      onPhone ? { cookie } : {},
    );
    if (landed !== path) throw new Error(`${path} sent its reader on to ${landed}`);
    printRow(
      `first JavaScript of ${path}`,
      `${(bytes / 1000).toFixed(0)} kB gzip`,
      `goal ${goal} kB`,
      bytes <= 1000 * goal,
    );
  }
}
