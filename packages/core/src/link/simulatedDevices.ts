import { BETWEENS, kneeMill, TRAY } from '../practice/lessons/practiceShop';
import type { MillSpec } from '../practice/mill/millSpec';
import type { SimulatedDeviceSpec } from './simulatedDevice';

const { springFinder, ringFinder, probe, pin, cutter, drill } = TRAY;
const { feeler, block } = BETWEENS;

/** The control counts in thousandths. */
const centre: MillSpec = { ...kneeMill([probe, cutter, drill], [block]), step: { x: 0.001, y: 0.001, z: 0.001 } };

/** The two devices that the demo starts. */
export const SIMULATED_DEVICES = {
  readout: {
    name: 'Simulated DRO',
    kind: 'readout',
    unit: 'mm',
    mill: kneeMill([springFinder, ringFinder, pin, cutter], [feeler, block]),
    seed: 41,
  },
  controller: { name: 'Simulated control', kind: 'controller', unit: 'mm', mill: centre, seed: 42 },
} as const satisfies Record<string, SimulatedDeviceSpec>;
