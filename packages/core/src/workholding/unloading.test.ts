import { unloadingSteps } from './unloading';

test.each([
  ['dials', 'slack'],
  ['readout', 'slack'],
  ['router', 'nut'],
  ['machining-centre', 'release'],
] as const)('on %s the cutter is held first, freed its own way, and the spanner comes off', (kind, own) => {
  const steps = unloadingSteps({ kind }).map(({ id }) => id);
  expect(steps).toEqual(['stopped', 'cloth', own, 'away']);
});
