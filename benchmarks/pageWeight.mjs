import { gzipSync } from 'node:zlib';
import { printRow } from './print.mjs';

/** Pages and the most JavaScript that each may load first, in kB of gzip. */
const BUDGETS_KB = {
  '/join': 180,
  '/passcode': 180,
  '/group': 180,
  '/plans/demo-lamp/power': 380,
  '/plans/demo-lamp/cell': 380,
  '/plans/demo-lamp/arrange': 380,
  '/plans/demo-lamp/build': 380,
  '/plans/demo-lamp/ready': 380,
  '/plans/demo-lamp/run': 380,
  '/plans/demo-lamp/reality': 380,
  '/': null,
  '/help': null,
  '/coins': null,
  '/drill': null,
  '/cupboard': null,
  '/fair-tests': null,
};

/** JavaScript that the HTML of a page names, as script or to be preloaded: what the browser loads before it answers. */
async function firstLoadBytes(base, path, headers) {
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
  for (const [path, budget] of Object.entries(BUDGETS_KB)) {
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
      budget === null ? '' : `budget ${budget} kB`,
      budget === null || bytes <= 1000 * budget,
    );
  }
}
