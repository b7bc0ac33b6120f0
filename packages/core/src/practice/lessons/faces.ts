import type { Feature } from '../../records/setup/datumPlan';

/** The four faces of the part and its front left corner, as a lesson's aims. */
export const LEFT: Feature = { kind: 'face', face: 'left' };
export const RIGHT: Feature = { kind: 'face', face: 'right' };
export const FRONT: Feature = { kind: 'face', face: 'front' };
export const CORNER: Feature = { kind: 'corner', corner: 'front-left' };
export const BACK: Feature = { kind: 'face', face: 'back' };
