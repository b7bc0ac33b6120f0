import type { Machine } from '../records/shop/machine';

/** One thing to do, and whether missing it hurts. */
interface UnloadingStep {
  id: string;
  text: string;
  hurts: boolean;
  machines?: readonly Machine['kind'][];
}

const STEPS: readonly UnloadingStep[] = [
  {
    id: 'stopped',
    text: 'Spindle stopped and locked, motor isolated; a board on the table under the cutter.',
    hurts: true,
  },
  { id: 'cloth', text: 'Hold the cutter in a cloth, not by its edges: it drops when it lets go.', hurts: true },
  {
    id: 'slack',
    text: 'Drawbar a few turns back, not out; then a soft blow on its end frees the collet.',
    hurts: false,
    machines: ['dials', 'readout'],
  },
  {
    id: 'nut',
    text: 'Loosen the nut with both spanners; the collet tilts out of its nut.',
    hurts: false,
    machines: ['router'],
  },
  {
    id: 'release',
    text: 'Grip the holder body in a cloth, hand above the cutter, before you press release.',
    hurts: true,
    machines: ['machining-centre'],
  },
  { id: 'away', text: 'Spanners off the spindle, now; then wipe cutter, collet and taper.', hurts: true },
];

/** Taking a cutter out again, on a machine of this kind, in order. */
export const unloadingSteps = ({ kind }: Pick<Machine, 'kind'>): readonly UnloadingStep[] =>
  STEPS.filter(({ machines }) => !machines || machines.includes(kind));
