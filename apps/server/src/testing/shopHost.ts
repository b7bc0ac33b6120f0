import { copyFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { serveShop, type ServedShop } from '../serveShop';
import { readSettings } from '../settings';

/**
 * One process that serves many shops, one after the other, each on a file and a port of its own: for end-to-end tests,
 * which would else wait for a program to start in every one of them.
 */

/** What is asked of it; every question is answered under its number. */
export type HostAsked =
  { number: number; do: 'open'; environment: NodeJS.ProcessEnv } | { number: number; do: 'close'; url: string };

export type HostAnswer = { number: number; url?: string; error?: string };

const served = new Map<string, ServedShop>();
const templates = new Map<string, Promise<string>>();

/** A demo shop as it is first opened, closed again: each test has a copy of it. */
function template(environment: NodeJS.ProcessEnv): Promise<string> {
  const demo = environment.DEMO ?? '';
  const made =
    templates.get(demo) ??
    (async () => {
      const DATABASE = join(mkdtempSync(join(tmpdir(), 'zero-point-host-')), 'shop.sqlite');
      const shop = await serveShop(
        readSettings({ ...environment, DATABASE, PORT: '0' }, import.meta.dirname),
        import.meta.dirname,
      );
      await shop.stop();
      return DATABASE;
    })();
  templates.set(demo, made);
  return made;
}

async function open(environment: NodeJS.ProcessEnv): Promise<string> {
  const settings = readSettings(environment, import.meta.dirname);
  if (settings.demo !== undefined) copyFileSync(await template(environment), settings.database);
  const shop = await serveShop(settings, import.meta.dirname);
  served.set(shop.url, shop);
  return shop.url;
}

/** No listener any more from here on; who only listens is let go meanwhile, and the next test need not wait for that. */
function close(url: string): Promise<string> {
  void served.get(url)?.stop();
  served.delete(url);
  return Promise.resolve(url);
}

process.on('message', (asked: HostAsked) => {
  const { number } = asked;
  (asked.do === 'open' ? open(asked.environment) : close(asked.url)).then(
    (url) => process.send?.({ number, url } satisfies HostAnswer),
    (error: unknown) => process.send?.({ number, error: String(error) } satisfies HostAnswer),
  );
});
process.on('disconnect', () => process.exit(0));
