import { serveShop } from './serveShop';
import { readSettings, SettingRefused, type Settings } from './settings';
import { DatabaseRefused } from './store/openDatabase';

function stopWith(message: string): never {
  process.stderr.write(`\n${message}\n\n`);
  process.exit(1);
}

/** Why its address cannot be had, in words; undefined for another error. */
function addressTrouble({ code }: NodeJS.ErrnoException, { port, host }: Settings): string | undefined {
  switch (code) {
    case 'EADDRINUSE':
      return `Port ${port} is used. Stop what uses it, or choose another: PORT=4800 npm run demo`;
    case 'EACCES':
      return `Port ${port} is not for everyone. Choose one above 1023: PORT=4800 npm run demo`;
    case 'EADDRNOTAVAIL':
    case 'ENOTFOUND':
      return `HOST=${host} is no address of this machine. Leave HOST out.`;
    default:
      return undefined;
  }
}

async function run(): Promise<void> {
  const settings = readSettings(process.env, import.meta.dirname);
  const shop = await serveShop(settings, import.meta.dirname).catch((error: NodeJS.ErrnoException) => {
    const trouble = addressTrouble(error, settings);
    if (trouble !== undefined) stopWith(trouble);
    throw error;
  });
  process.stdout.write(`Zero Point is at ${shop.url}/\n`);
  const stop = () => void shop.stop().then(() => process.exit(0));
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}

try {
  await run();
} catch (error) {
  if (error instanceof DatabaseRefused || error instanceof SettingRefused) stopWith(error.message);
  throw error;
}
