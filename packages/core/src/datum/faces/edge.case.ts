import type { EdgeInput } from './edge.schema';

/** The left face of a part touched with a 10 mm edge finder: the worked case others vary. */
export const edgeCase: EdgeInput = {
  readings: [-5.012, -5.008, -5.01],
  approach: 1,
  nominal: 0,
  contact: { diameter: 10, feeler: 0, tir: 0, spin: 'turning' },
  method: { resolution: 0.005, methodSd: 0.005 },
  uTouch: 0.005,
  uSize: 0.003,
  tolerance: 0.1,
};
