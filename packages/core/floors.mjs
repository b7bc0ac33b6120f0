/**
 * The floors of core, from the ground up: a folder imports only from its own floor and those below. Said here once;
 * the lint rule and the architecture page go by it.
 */
export const FLOORS = [
  ['units', 'problem'],
  ['schema'],
  ['working', 'geometry', 'metrology', 'cautions'],
  ['records'],
  ['mistakes', 'alignment', 'methods', 'workholding', 'shop', 'boreAndFace', 'holes'],
  ['datum', 'zAndTools', 'calibration', 'rotary', 'program', 'verify'],
  ['registry'],
  ['state'],
  ['messages'],
  ['calculators', 'routines'],
  ['formats'],
  ['sheet'],
  ['practice'],
  ['link'],
];
