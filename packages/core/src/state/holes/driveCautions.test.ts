import { driveCautions } from './driveCautions';
import { plateSnapshot } from '../basis/snapshot.case';

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
  expect(at('dials', 'mild steel', 10)).toEqual(['raise-z-first', 'axis-locks', 'drill-grabs']);
  expect(at('machining-centre', 'mild steel', 10)).toEqual(['raise-z-first', 'drill-grabs']);
});

test.each(['brass', 'mild steel', 'Acetal'])(
  'any drill can grab as it breaks through: %s of any thickness',
  (material) => {
    expect(at('readout', material, 3)).toContain('drill-grabs');
    expect(at('readout', material, 30)).toContain('drill-grabs');
    expect(at('readout', material, 3, 'spot')).not.toContain('drill-grabs');
  },
);

test('dust and embers belong to wood on a router', () => {
  expect(at('router', 'walnut', 20)).toContain('wood-dust');
  expect(at('router', 'aluminium', 20)).not.toContain('wood-dust');
  expect(at('readout', 'walnut', 20)).not.toContain('wood-dust');
});
