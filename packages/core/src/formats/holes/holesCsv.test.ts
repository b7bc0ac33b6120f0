import type { Pattern } from '../../records/setup/pattern';
import { fileHoles } from '../../state/holes/holes';
import { plateBook as shop } from '../../state/basis/snapshot.case';
import type { LengthUnit } from '../../units/unit';
import { positionsCsv } from './holesCsv';

const pattern: Pattern = {
  id: 'ring',
  name: 'Ring, "M4"',
  kind: 'bolt-circle',
  holeDiameter: 4.2,
  circle: { centre: { x: 0, y: 0 }, diameter: 80, holes: 4, firstAngle: 20, direction: 'counter-clockwise', arc: 75 },
};

const csv = (one: Pattern, unit: LengthUnit) => positionsCsv(fileHoles(shop, [one]), unit);

test('positions as CSV, figures as on the screen with an ASCII minus', () => {
  expect(csv(pattern, 'mm').split('\r\n')).toEqual([
    'pattern,hole,x,y,unit,angle_deg,diameter,depth,note',
    '"Ring, ""M4""",1,37.588,13.681,mm,20.000,4.200,,',
    '"Ring, ""M4""",2,28.284,28.284,mm,45.000,4.200,,',
    '"Ring, ""M4""",3,13.681,37.588,mm,70.000,4.200,,',
    '"Ring, ""M4""",4,-3.486,39.848,mm,95.000,4.200,,',
  ]);
});

test('in inches, to 0.0001', () => {
  expect(csv(pattern, 'in').split('\r\n')[4]).toBe('"Ring, ""M4""",4,-0.1373,1.5688,in,95.000,0.1654,,');
});

test('a name cannot become a formula in a spreadsheet', () => {
  expect(csv({ ...pattern, name: '=1+1' }, 'mm')).toContain("'=1+1,1,");
});
