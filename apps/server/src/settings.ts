import { isIP } from 'node:net';
import { join } from 'node:path';

/** What the environment says of how the server runs. */
export interface Settings {
  host: string;
  port: number;
  database: string;
  demo: string | undefined;
  migrations: string;
  staticFolder: string | undefined;
  logLevel: string;
  /** Opens the shop to the local network from the start. */
  lan: boolean;
  /** Where it opens; every network this machine is on where nobody says. */
  lanAddresses: string[] | undefined;
  /** Of the demo: machines and the ports of this machine where their simulated devices listen. */
  /** What simulated devices were started with; without it none is moved. */
  simulationKey: string | undefined;
  /** Hosts beyond the shop's own network that may be linked. */
  linkHosts: string[];
  demoLinks: { machineId: string; port: number }[];
}

/** A setting that cannot be used; the message names it and the remedy. */
export class SettingRefused extends Error {}

const LOOPBACK = /^(localhost|127(\.\d{1,3}){3}|::1)$/;

/**
 * Settings from the environment; each has a safe default.
 *
 * @param folder where the server's own files lie
 * @throws SettingRefused when HOST or PORT cannot be used
 */
export function readSettings(env: NodeJS.ProcessEnv, folder: string): Settings {
  const port = Number(env.PORT ?? 4747);
  if (!Number.isInteger(port) || port < 0 || port > 65535 || env.PORT?.trim() === '')
    throw new SettingRefused(`PORT must be a whole number from 0 to 65535, not “${env.PORT}”.`);
  return {
    host: hostOf(env.HOST ?? '127.0.0.1'),
    port,
    database: env.DATABASE ?? join(process.cwd(), 'data', 'shop.sqlite'),
    demo: env.DEMO,
    migrations: env.MIGRATIONS ?? join(folder, 'migrations'),
    staticFolder: env.STATIC,
    logLevel: env.LOG_LEVEL ?? 'info',
    lan: env.LAN === '1',
    lanAddresses: env.LAN_ADDRESS?.split(','),
    simulationKey: env.SIMULATION_KEY,
    linkHosts: (env.LINK_HOSTS ?? '').split(',').filter((host) => host !== ''),
    demoLinks: linksOf(env.DEMO_LINKS ?? ''),
  };
}

/** `knee-mill=4751,trunnion-mill=4752`. @throws SettingRefused where it is not so */
function linksOf(text: string): Settings['demoLinks'] {
  return text
    .split(',')
    .filter((one) => one !== '')
    .map((one) => {
      const [, machineId = '', port] = /^([A-Za-z0-9_-]+)=(\d{1,5})$/.exec(one) ?? [];
      if (port === undefined) throw new SettingRefused(`DEMO_LINKS must be as knee-mill=4751, not “${one}”.`);
      return { machineId, port: Number(port) };
    });
}

function hostOf(host: string): string {
  if (LOOPBACK.test(host)) return host;
  if (isIP(host) !== 0)
    throw new SettingRefused(
      `HOST=${host} would let anyone on the network in. Leave HOST out: phones join with npm start -- --lan, each by a code of its own.`,
    );
  throw new SettingRefused(`HOST must be an address of this machine, as 127.0.0.1, not “${host}”.`);
}
