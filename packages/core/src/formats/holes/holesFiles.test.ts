import fc from 'fast-check';
import DxfDrawing from 'dxf-writer';
import { parseStringSync, type ParsedLine } from 'gcode-parser';
import makerjs from 'makerjs';
import { Refusal } from '../../problem/problem';
import type { FileHole } from '../../holes/fileHole';
import { holesDxf, holesFromDxf } from './holesDxf';
import { holesFromJson, holesJson } from './holesJson';
import { holesFromProgram } from './holesFromProgram';
import { DIALECT_NAMES } from '../../records/values/dialects';
import type { ProgramSection } from '../../holes/programSection';
import { holesProgram, type HolesProgramJob } from './holesProgram';
import { holesSvg } from './holesSvg';
import { holesFromCsv, positionsCsv } from './holesCsv';

const HOLES: FileHole[] = [
  { x: 85.1822, y: 64.2117, diameter: 4.2, depth: 9.5, group: 'screws', hole: 1, angle: 15 },
  { x: -3.4862, y: 39.8478, diameter: 26, depth: 9.5, group: 'bore', hole: 1, note: 'H7' },
];

const someHoles = fc.array(
  fc.record({
    x: fc.double({ min: -500, max: 500, noNaN: true }),
    y: fc.double({ min: -500, max: 500, noNaN: true }),
    diameter: fc.double({ min: 0.3, max: 90, noNaN: true }),
    depth: fc.double({ min: 0.1, max: 80, noNaN: true }),
  }),
  { minLength: 1, maxLength: 20 },
);

const close = (read: readonly FileHole[], given: readonly FileHole[], within: number) => {
  expect(read).toHaveLength(given.length);
  read.forEach((hole, i) => {
    expect(Math.abs(hole.x - (given[i]?.x ?? NaN))).toBeLessThanOrEqual(within);
    expect(Math.abs(hole.y - (given[i]?.y ?? NaN))).toBeLessThanOrEqual(within);
  });
};

const refusal = (work: () => unknown): { code: string; message: string } => {
  try {
    work();
  } catch (error) {
    if (error instanceof Refusal) return error;
    throw error;
  }
  throw new Error('it was not refused');
};

const program = (change: Partial<HolesProgramJob> = {}, section: Partial<ProgramSection> = {}) =>
  holesProgram({
    title: 'Base plate',
    unit: 'mm',
    dialect: 'reference-height',
    school: 'true-length',
    workOffset: 'G54',
    distance: 'absolute',
    clear: 25,
    feedFrom: 2,
    top: 0,
    sections: [
      {
        step: 'drill',
        tool: { number: 2, name: 'Drill 4.2', diameter: 4.2 },
        holes: HOLES.map(({ x, y, depth = 0 }) => ({ x, y, tip: depth })),
        rpm: 1200,
        feed: 80,
        ...section,
      },
    ],
    ...change,
  });

describe('there and back', () => {
  test.each(['mm', 'in'] as const)('CSV in %s, to the last figure shown', (unit) => {
    fc.assert(
      fc.property(someHoles, (holes) =>
        close(holesFromCsv(positionsCsv(holes, unit), undefined).holes, holes, unit === 'mm' ? 5.01e-4 : 1.28e-3),
      ),
    );
    expect(holesFromCsv(positionsCsv(HOLES, unit), undefined)).toMatchObject({
      unit,
      holes: [{ group: 'screws' }, { note: 'H7' }],
    });
  });

  test('JSON, every digit', () => {
    fc.assert(
      fc.property(someHoles, (holes) =>
        expect(holesFromJson(holesJson(holes)).holes).toEqual(JSON.parse(JSON.stringify(holes))),
      ),
    );
  });

  test.each(['mm', 'in'] as const)('DXF in %s: places, sizes and layers', (unit) => {
    fc.assert(
      fc.property(someHoles, (holes) => {
        const { holes: read } = holesFromDxf(holesDxf(holes, unit), undefined);
        close(read, holes, 1e-6);
        read.forEach(({ diameter }, i) => expect(diameter).toBeCloseTo(holes[i]?.diameter ?? NaN, 6));
      }),
      { numRuns: 20 },
    );
    expect(holesFromDxf(holesDxf(HOLES, unit), undefined)).toMatchObject({
      unit,
      holes: [{ group: 'screws' }, { group: 'bore' }],
    });
  });

  const FORMS = (['absolute', 'incremental'] as const).flatMap((distance) =>
    DIALECT_NAMES.flatMap((dialect) => (['mm', 'in'] as const).map((unit) => [distance, dialect, unit] as const)),
  );
  // Our own reader takes R and Z as heights, as most programs have them.
  const readable = FORMS.filter(
    ([distance, dialect]) => dialect !== 'reference-distance' || distance === 'incremental',
  );
  test.each(readable)('program, %s, %s, %s: no rounding adds up', (distance, dialect, unit) => {
    fc.assert(
      fc.property(someHoles, (holes) => {
        const apart = holes.filter(
          (hole, i) => i === 0 || Math.hypot(hole.x - (holes[i - 1]?.x ?? 0), hole.y - (holes[i - 1]?.y ?? 0)) > 0.1,
        );
        const text = program(
          { unit, distance, dialect },
          { holes: apart.map(({ x, y, depth = 0 }) => ({ x, y, tip: depth })) },
        );
        const read = holesFromProgram(text, undefined).holes;
        close(read, apart, unit === 'mm' ? 5.01e-4 : 1.28e-3);
        read.forEach(({ depth }, i) =>
          expect(Math.abs((depth ?? 0) - (apart[i]?.depth ?? NaN))).toBeLessThan(unit === 'mm' ? 5.01e-4 : 1.28e-3),
        );
      }),
      { numRuns: 40 },
    );
  });
});

describe('DXF of others', () => {
  test('a drawing by another writer: circles and points by layer, lines and text named and counted', () => {
    const other = new DxfDrawing();
    other.setUnits('Millimeters');
    other.addLayer('holes', 3, 'CONTINUOUS').setActiveLayer('holes');
    other.drawCircle(62, 58, 13).drawCircle(8, 8, 2.5).drawPoint(112, 30);
    other.drawLine(0, 0, 184, 0).drawText(5, 5, 4, 0, 'base plate');
    const { holes, skipped, unit } = holesFromDxf(other.toDxfString(), undefined);
    expect(holes).toEqual([
      { x: 62, y: 58, diameter: 26, group: 'holes' },
      { x: 8, y: 8, diameter: 5, group: 'holes' },
      { x: 112, y: 30, group: 'holes' },
    ]);
    expect(skipped).toEqual([
      { what: 'line', count: 1 },
      { what: 'text', count: 1 },
    ]);
    expect(unit).toBe('mm');
  });

  test('a drawing by a third, in inches', () => {
    const model = { paths: { a: new makerjs.paths.Circle([1, 2], 0.25), b: new makerjs.paths.Line([0, 0], [1, 0]) } };
    const { holes, unit } = holesFromDxf(makerjs.exporter.toDXF(model, { units: makerjs.unitType.Inch }), undefined);
    expect(unit).toBe('in');
    expect(holes[0]?.x).toBeCloseTo(25.4, 9);
    expect(holes[0]?.diameter).toBeCloseTo(12.7, 9);
  });

  test('two half circles close, one alone does not', () => {
    const other = new DxfDrawing();
    other.setUnits('Millimeters').drawArc(20, 30, 5, 0, 180).drawArc(20, 30, 5, 180, 360).drawArc(90, 30, 5, 0, 180);
    expect(holesFromDxf(other.toDxfString(), undefined)).toMatchObject({
      holes: [{ x: 20, y: 30, diameter: 10 }],
      skipped: [{ what: 'open arc', count: 1 }],
    });
  });

  const entities = (...lines: string[]) =>
    ['0', 'SECTION', '2', 'ENTITIES', ...lines, '0', 'ENDSEC', '0', 'EOF'].join('\n');
  const circle = ['0', 'CIRCLE', '8', 'holes', '10', '5', '20', '6', '40', '2'];

  test('a closed polyline of two half-circle bulges is a hole; blocks and splines are named and counted', () => {
    const text = entities(
      '0',
      'LWPOLYLINE',
      '8',
      'holes',
      '90',
      '2',
      '70',
      '1',
      '10',
      '10',
      '20',
      '20',
      '42',
      '1',
      '10',
      '16',
      '20',
      '20',
      '42',
      '1',
      '0',
      'INSERT',
      '8',
      'holes',
      '2',
      'screw',
      '10',
      '1',
      '20',
      '1',
      '0',
      'SPLINE',
      '8',
      'edge',
      '70',
      '8',
      '71',
      '3',
    );
    const { holes, skipped } = holesFromDxf(text, 'mm');
    expect(holes[0]?.x).toBeCloseTo(13, 9);
    expect(holes[0]?.y).toBeCloseTo(20, 9);
    expect(holes[0]?.diameter).toBeCloseTo(6, 9);
    expect(skipped).toEqual([
      { what: 'block', count: 1 },
      { what: 'spline', count: 1 },
    ]);
  });

  test('one that does not say its unit is asked about, never guessed', () => {
    expect(refusal(() => holesFromDxf(entities(...circle), undefined)).code).toBe('unit-unknown');
    expect(holesFromDxf(entities(...circle), 'in').holes[0]?.x).toBeCloseTo(127, 9);
  });

  test('without holes, cut off in the middle, no drawing at all', () => {
    const lines = entities('0', 'LINE', '8', '0', '10', '0', '20', '0', '11', '5', '21', '5');
    expect(refusal(() => holesFromDxf(lines, 'mm')).message).toBe(
      'The file has no holes; it has 1 × line. Circles, points and drilling moves are read as holes.',
    );
    expect(refusal(() => holesFromDxf(holesDxf(HOLES, 'mm').slice(0, 2500), 'mm')).message).toMatch(
      /cut off: its end is missing/,
    );
    expect(refusal(() => holesFromDxf('hello', 'mm')).message).toMatch(/not a DXF drawing/);
  });
});

describe('programs', () => {
  test('words are those of the standard, as a general parser reads them too', () => {
    const lines = parseStringSync(program()).map(({ words }: ParsedLine) => words);
    const cycle = lines.find((words) => words.some(([letter, value]) => letter === 'G' && value === 81));
    expect(cycle).toEqual([
      ['G', 98],
      ['G', 81],
      ['Z', -9.5],
      ['R', 2],
      ['F', 80],
      ['X', 85.182],
      ['Y', 64.212],
    ]);
  });

  test('the length of the tool is called before Z goes down, X and Y at the clear height', () => {
    const lines = program().split('\n');
    const at = (start: string) => lines.findIndex((line) => line.startsWith(start));
    expect(lines[at('G0 G43')]).toBe('G0 G43 H2 Z25.000');
    expect(at('T2 M6')).toBeLessThan(at('S1200 M3'));
    expect(at('G0 G43')).toBeLessThan(at('G0 X'));
    expect(at('G0 X')).toBeLessThan(at('G98'));
  });

  test('without a table there is no length to call: the program stops until Z was set with that tool', () => {
    const text = program({ school: 'touch-every-change' });
    expect(text).not.toMatch(/G43|T\d|M6/);
    expect(text).toContain(
      '(In the spindle: Drill 4.2)\n(Set Z with this tool. Gauge and clip off,)\n(tool raised, hands clear. Then cycle start)\nM0\n',
    );
    const section: ProgramSection = { step: 'drill', tool: { name: 'x', diameter: 1 }, holes: [], rpm: 1, feed: 1 };
    expect(() => program({ school: 'touch-every-change', sections: [section, section] })).toThrow(/one tool only/);
  });

  test('a deep hole is pecked, a reamed one fed out of', () => {
    const tool = { number: 4, name: 'Drill 2.5', diameter: 2.5 };
    const holes = [{ x: 1, y: 2, tip: 9.5 }];
    expect(program({}, { tool, holes })).toContain('G98 G83 Z-9.500 R2.000 Q2.500 F80');
    expect(program({ dialect: 'reference-distance' }, { tool, holes })).toContain('G98 G83 Z-11.500 R-23.000 Q2.500');
    expect(program({}, { holes, step: 'ream' })).toContain('G98 G85 Z-9.500');
    expect(program({ dialect: 'plain-moves' }, { holes, step: 'ream' })).toContain('G1 Z-9.500 F80\nG1 Z2.000 F80');
    expect(program({ dialect: 'plain-moves' }, { tool, holes })).toContain(
      'G1 Z-2.500 F80\nG0 Z2.000\nG0 Z-2.000\nG1 Z-5.000',
    );
  });

  test('a part whose top is not Z zero is drilled from its top', () => {
    expect(program({ top: 9.5 }, { holes: [{ x: 1, y: 2, tip: 9.5 }] })).toContain('G98 G81 Z0.000 R11.500');
    expect(program({ top: 9.5 })).toContain('(Z zero: 9.500 mm below the top of the part)');
  });

  test('what would break something is refused with the field and what to do', () => {
    const refused = (change: Partial<HolesProgramJob>, section: Partial<ProgramSection> = {}) =>
      refusal(() => program(change, section));
    expect(refused({ feedFrom: 30 })).toMatchObject({ field: 'feedFrom' });
    expect(refused({ clear: 0, feedFrom: 0 })).toMatchObject({ field: 'feedFrom' });
    expect(refused({ workOffset: 'M30' })).toMatchObject({ field: 'workOffset' });
    expect(refused({ workOffset: 'G54\nG0 Z-50' })).toMatchObject({ field: 'workOffset' });
    expect(refused({}, { step: 'tap' }).message).toMatch(/machine’s own tapping cycle/);
    expect(refused({}, { tool: { name: 'a drill of 4.2', diameter: 4.2 } })).toMatchObject({ field: 'tool' });
    expect(refused({ limits: { mostRpm: 1000 } })).toMatchObject({ field: 'rpm' });
    expect(refused({ limits: { leastRpm: 8000 } })).toMatchObject({ field: 'rpm' });
    expect(refused({ limits: { mostFeed: 50 } })).toMatchObject({ field: 'feed' });
    expect(refused({}, { feed: 0.2 })).toMatchObject({ field: 'feed' });
  });

  test('no name can become a line or a word of the program', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 80 }), fc.string({ maxLength: 40 }), (title, name) => {
        const text = program({ title }, { tool: { number: 2, name: `${name})\nG0 Z-50 ;`, diameter: 4.2 } });
        const plain = program();
        expect(text.split('\n')).toHaveLength(plain.split('\n').length);
        expect(parseStringSync(text).map(({ words }) => words)).toEqual(
          parseStringSync(plain).map(({ words }) => words),
        );
      }),
    );
    expect(program({ title: 'Größe ⌀ 5 × 2 (rund)' })).toContain('(Grosse dia 5 x 2 rund)');
  });

  test('a program as others write it: block numbers, comments, no spaces, repeats, pecks, arcs', () => {
    const text = [
      '%',
      'O0042 (PLATE)',
      'N10 G20G90G40',
      'N20T3M6',
      'N30 G0X1.Y-.5 ; over the first',
      'N40G99G81Z-.25R.1F3.',
      'N50X2.',
      '/N60 X9.',
      'N70G91X.5L3',
      'N80G90G80',
      'G2X3.Y1.I.5J0',
      'G0X0Y0Z1.',
      'G1Z-.1F2.',
      'G0Z.1',
      'G1Z-.2',
      'M30',
      '%',
    ].join('\r\n');
    const { holes, unit, skipped } = holesFromProgram(text, undefined);
    expect(unit).toBe('in');
    expect(holes.map(({ x, y }) => [x / 25.4, y / 25.4].map((one) => Number(one.toFixed(6))))).toEqual([
      [1, -0.5],
      [2, -0.5],
      [2.5, -0.5],
      [3, -0.5],
      [3.5, -0.5],
      [0, 0],
    ]);
    expect(holes.at(-1)).toMatchObject({ group: 'T3' });
    expect(holes.at(-1)?.depth).toBeCloseTo(0.2 * 25.4, 9);
    expect(skipped).toEqual([{ what: 'arc', count: 1 }]);
  });

  test('units missing, a shifted zero, another language, only arcs', () => {
    expect(refusal(() => holesFromProgram('G90 G81 X1 Y2 Z-3 R1 F50', undefined)).code).toBe('unit-unknown');
    expect(refusal(() => holesFromProgram('G21\nG92 X0 Y0\nG81 X1 Y2 Z-3 R1', undefined)).message).toMatch(
      /Line 2 moves, turns or mirrors the zero \(G92\)/,
    );
    expect(refusal(() => holesFromProgram('G21\nG1 X[#1+2]', undefined)).message).toMatch(/^Line 2 cannot be read/);
    expect(refusal(() => holesFromProgram('G21\nG2 X1 Y1 I1 J0\nG3 X0 Y0 I1 J0', undefined)).message).toMatch(
      /no holes; it has 2 × arc/,
    );
  });
});

describe('tables', () => {
  test('semicolons with decimal commas, or figures alone', () => {
    expect(holesFromCsv('x;y;diameter\n10,5;20;4,2', 'mm').holes).toEqual([{ x: 10.5, y: 20, diameter: 4.2 }]);
    expect(holesFromCsv('1\t2\n3\t4', 'in').holes[1]?.x).toBeCloseTo(76.2, 9);
    expect(holesFromCsv('x_mm,y_mm\n1,2', undefined).unit).toBe('mm');
  });

  test.each([
    ['a wrong decimal mark', 'x,y\n10,5,20', /Row 2.*3 fields where 2 are expected.*decimal comma/],
    ['a missing column', 'x,z\n1,2', /columns x and y are needed; this file has x, z/],
    ['no number', 'x,y\n1,abc', /Row 2, column “y”: “abc” is not a length/],
    ['a size of nothing', 'x,y,diameter\n1,2,0', /Row 2, column “diameter”: it must be greater/],
    ['another unit', 'x,y,unit\n1,2,cm', /“cm” is neither mm nor in/],
    ['nothing', 'x,y', /no holes/],
  ])('%s is refused by row and column', (_, text, message) => expect(() => holesFromCsv(text, 'mm')).toThrow(message));

  test('a table that does not say its unit is asked about', () => {
    expect(refusal(() => holesFromCsv('x,y\n1,2', undefined)).code).toBe('unit-unknown');
  });

  test('JSON that is cut off, of another format, or without a unit', () => {
    expect(() => holesFromJson(holesJson(HOLES).slice(0, 60))).toThrow(/cut off/);
    expect(() => holesFromJson('{"format":"x","unit":"mm","holes":[]}')).toThrow(/format must be zero-point\/holes\/1/);
    expect(refusal(() => holesFromJson('{"holes":[]}')).code).toBe('unit-unknown');
    expect(() => holesFromJson(holesJson([{ x: 1e9, y: 0 }]))).toThrow(/holes\.0\.x must be between/);
  });
});

test('the drawing as SVG: every hole to scale with its place, words made safe', () => {
  const svg = holesSvg(
    [{ ...HOLES[0], group: 'a<b' } as FileHole],
    { left: 0, bottom: 0, right: 184, top: 116 },
    'Plate & co',
    'mm',
  );
  expect(svg).toContain(
    '<circle cx="97.182" cy="63.788" r="2.100"><title>a&lt;b 1: X 85.182, Y 64.212 mm</title></circle>',
  );
  expect(svg).toContain('<title>Plate &amp; co</title>');
});
