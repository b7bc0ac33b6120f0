import { driveCautions } from './driveCautions';
import { plateSnapshot } from './snapshot.case';

const at = (
  kind: 'dials' | 'readout' | 'router' | 'machining-centre',
  material: string,
  z: number,
  step: 'drill' | 'spot' = 'drill',
) =>
  driveCautions(
    {
      machine: { ...plateSnapshot.machine, kind },
      part: { ...plateSnapshot.part, material, size: { x: 50, y: 50, z } },
    },
    { step },
  ).map(({ id }) => id);

test('locks belong to machines that are wound by hand', () => {
  expect(at('dials', 'mild steel', 10)).toEqual(['raise-z-first', 'axis-locks']);
  expect(at('machining-centre', 'mild steel', 10)).toEqual(['raise-z-first']);
});

test('what climbs a drill is said where it does: thin brass, any plastic, and only while drilling', () => {
  expect(at('readout', 'brass', 3)).toContain('drill-grabs');
  expect(at('readout', 'brass', 9.5)).not.toContain('drill-grabs');
  expect(at('readout', 'Acetal', 20)).toContain('drill-grabs');
  expect(at('readout', 'brass', 3, 'spot')).not.toContain('drill-grabs');
});

test('dust and embers belong to wood on a router', () => {
  expect(at('router', 'walnut', 20)).toContain('wood-dust');
  expect(at('router', 'aluminium', 20)).not.toContain('wood-dust');
  expect(at('readout', 'walnut', 20)).not.toContain('wood-dust');
});
