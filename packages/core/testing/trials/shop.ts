import type { Chance } from '../../src/metrology/chance';
import type { Method } from '../../src/metrology/gauges/gaugeKindFacts';
import type { GaugeKind } from '../../src/metrology/gauges/gaugeKinds';
import type { Hidden } from '../../src/practice/mill/hiddenTruth';
import type { Between, Contact } from '../../src/practice/mill/millSpec';

/** A mill's hidden truth with nothing on it yet: its errors are drawn by the seed. */
export const nothingOn = (random: Chance): Hidden => ({
  seed: Math.floor(random.next() * 0x7fffffff),
  corner: { x: 0, y: 0 },
  top: 0,
  size: { x: 0, y: 0, z: 0 },
});

/** Counts touches: each scatters on its own. */
export function touchCount(): () => number {
  let made = 0;
  return () => (made += 1);
}

/** What a method touches with, as it lies in the mill's tray. mm. */
export function touchedWith(
  method: Exclude<Method, 'indicator' | 'plug'>,
  diameter: number,
  thickness: number,
): { contact: Contact; between: Between | undefined } {
  const held = (kind: Contact['kind']): Contact => ({ id: 'held', name: '', kind, diameter, length: 0 });
  const put = (kind: Between['kind']): Between => ({ id: 'between', name: '', kind, thickness });
  switch (method) {
    case 'pin-feeler':
      return { contact: held('pin'), between: put('feeler') };
    case 'cutter-paper':
      return { contact: held('cutter'), between: put('paper') };
    case 'cutter-feeler':
      return { contact: held('cutter'), between: put('feeler') };
    case 'touch-plate':
      return { contact: held('cutter'), between: put('plate') };
    default:
      return { contact: held(method), between: undefined };
  }
}

/** What the mill calls a gauge that a tool comes down on, or is raised past. */
const ON: Partial<Readonly<Record<GaugeKind, Between['kind']>>> = {
  block: 'block',
  feeler: 'feeler',
  paper: 'paper',
  'touch-plate': 'plate',
  setter: 'setter',
  'contact-light': 'sensor',
};

/** A cutter over such a gauge. mm. */
export function cutterOver(kind: GaugeKind, thickness: number): { contact: Contact; between: Between } {
  const on = ON[kind];
  if (!on) throw new RangeError(`no height is found by a ${kind}`);
  return {
    contact: { id: 'tool', name: '', kind: 'cutter', diameter: 10, length: 0 },
    between: { id: 'on', name: '', kind: on, thickness },
  };
}
