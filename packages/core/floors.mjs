/**
 * The floors of core, from the ground up: a folder imports only from its own floor and those below. Said here once;
 * the lint rule and the architecture page go by it.
 */
export const FLOORS = [
  ['units', 'problem'],
  ['schema'],
  ['tape', 'geometry', 'metrology', 'cautions'],
  ['record'],
  ['discrepancy', 'alignment', 'methods', 'workholding', 'shop', 'boring', 'facing', 'positions'],
  ['datum', 'heights', 'calibration', 'rotary', 'program', 'verify'],
  ['registry'],
  ['book'],
  ['words'],
  ['atOnce', 'routines'],
  ['formats'],
  ['sheet'],
  ['practice'],
  ['link'],
];
