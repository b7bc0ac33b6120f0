import QRCode from 'qrcode';
import type { Network } from './network';
import { pairUrl } from './pairPage';
import type { Pairing } from './pairing';

/** Opens the shop to the network and prints how a phone joins: the code as a picture to scan, and to type. */
export async function announce(network: Network, pairing: Pairing, print: (text: string) => void): Promise<void> {
  try {
    await network.open();
  } catch (error) {
    print(`\nThe network could not be opened: ${error instanceof Error ? error.message : String(error)}\n`);
    return;
  }
  const urls = network.urls();
  const [url] = urls;
  if (url === undefined) {
    print('\nThis machine is on no network, so no phone can join. Join one, then start again.\n');
    return;
  }
  const { code } = pairing.newCode();
  const picture = await QRCode.toString(pairUrl(url, code), { type: 'terminal', small: true });
  print(`\nA phone on the same network joins at\n${urls.map((one) => `  ${one}\n`).join('')}`);
  print(`with the code ${code}, good for ten minutes and one device. Or scan:\n\n${picture}\n`);
  print('More devices: Settings on this machine.\n');
  const [secure] = network.secureUrls();
  if (secure !== undefined)
    print(
      `Started from the phone with the server away, and its screen kept awake: open ${url}/trust there, then ${secure}\n`,
    );
}
