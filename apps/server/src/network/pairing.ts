import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto';
import type { Devices } from '../store/devices';

/** Signs that are not taken for one another when read off a screen and typed. */
const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';
const LENGTH = 8;

/** How long a code lets a device in, ms. */
const LIFE = 10 * 60_000;

/** A device that was not seen for so long joins again, ms. */
const FORGOTTEN = 30 * 86_400_000;

/** A device is noted as seen at most so often, ms: not at every request. */
const NOTED = 60_000;

/** A code that lets one device in, once. */
export interface PairingCode {
  /** As it is typed: `K7QM-2XFD`. */
  code: string;
  until: string;
}

const hashOf = (text: string): Buffer => createHash('sha256').update(text).digest();

const same = (a: Buffer, b: Buffer): boolean => a.length === b.length && timingSafeEqual(a, b);

/** A code as typed, without blanks, dashes and small letters. */
const plain = (typed: string): string => typed.toUpperCase().replaceAll(/[^A-Z0-9]/g, '');

/**
 * Lets devices in: a code is shown on the server's own machine, typed or scanned on the phone, and good for one device
 * and ten minutes. The device is then known by a key of its own, of which only the hash is kept.
 */
export function createPairing(devices: Devices, now: () => Date = () => new Date()) {
  let current: { hash: Buffer; shown: PairingCode; until: number } | undefined;

  const valid = () => (current && current.until > now().getTime() ? current : undefined);

  return {
    /** A new code; the one before is good no more. */
    newCode: (): PairingCode => {
      const signs = Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)]).join('');
      const until = now().getTime() + LIFE;
      const shown = { code: `${signs.slice(0, 4)}-${signs.slice(4)}`, until: new Date(until).toISOString() };
      current = { hash: hashOf(signs), shown, until };
      return shown;
    },
    /** The code that is good now; undefined where it was used, or its time is over. */
    code: (): PairingCode | undefined => valid()?.shown,
    /** Whether a code could be typed at all, said before anyone types. */
    isOpen: (): boolean => valid() !== undefined,
    forget: (): void => {
      current = undefined;
    },
    /**
     * Lets a device in by a code, which is used up by that.
     *
     * @returns its key, to be kept by the device alone; undefined where the code is not good
     */
    pair: (typed: string, name: string): string | undefined => {
      const code = valid();
      if (!code || !same(code.hash, hashOf(plain(typed)))) return undefined;
      current = undefined;
      const id = randomBytes(9).toString('base64url');
      const secret = randomBytes(32).toString('base64url');
      const at = now().toISOString();
      devices.add({ id, name, pairedAt: at, seenAt: at }, hashOf(secret));
      return `${id}.${secret}`;
    },
    /** Whether a key is of a device that is let in and was seen of late; that it was seen is noted. */
    knows: (key: string): boolean => {
      const [id = '', secret = ''] = key.split('.');
      const kept = devices.key(id);
      if (!kept || !same(kept.hash, hashOf(secret))) return false;
      const away = now().getTime() - Date.parse(kept.seenAt);
      if (away > FORGOTTEN) return false;
      if (away > NOTED) devices.seen(id, now().toISOString());
      return true;
    },
  };
}

export type Pairing = ReturnType<typeof createPairing>;
