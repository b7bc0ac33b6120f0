import type { Feature } from '../../record/datumPlan';

/** The four faces of the part, as a lesson's aims. */
export const LEFT: Feature = { kind: 'face', face: 'left' };
export const RIGHT: Feature = { kind: 'face', face: 'right' };
export const FRONT: Feature = { kind: 'face', face: 'front' };
export const BACK: Feature = { kind: 'face', face: 'back' };
