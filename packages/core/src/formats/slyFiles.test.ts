import { Refusal } from '../problem/problem';
import { holesFromCsv, positionsCsv } from './holes/holesCsv';
import { holesFromDxf } from './holes/holesDxf';
import { holesFromJson, holesJson } from './holes/holesJson';
import { holesFromProgram } from './holes/holesFromProgram';
import { safeText, unsafeText } from './plainFigure';
import { toolTableCsv, toolTableFromCsv } from './toolTable';

/** Files that could be read wrongly without anybody noticing: each is refused in words with its row or line. */

const refusal = (work: () => unknown): string => {
  try {
    work();
  } catch (error) {
    if (error instanceof Refusal) return `${error.code}: ${error.message}`;
    throw error;
  }
  return 'it was read';
};

describe('tables', () => {
  test.each([
    ['more fields than the header', 'x,y\n10,20,30\n', /Row 2.*3 fields where 2/],
    ['decimal commas parted by commas', 'x,y\n10,5,20,5\n', /Row 2.*semicolons/],
    ['a figure of another base', 'x,y\n0x10,5\n', /Row 2, column “x”/],
    ['a figure with an exponent', 'x,y\n1e2,5\n', /Row 2, column “x”/],
    ['columns of mixed units', 'x_mm,y_in\n10,1\n', /mixed-units: Some columns are in mm and some in inches/],
    ['a place beyond all machines', 'x,y\n10001,5\n', /Row 2, column “x”/],
  ])('%s', (_name, text, why) => expect(refusal(() => holesFromCsv(text, 'mm'))).toMatch(why));

  test('a unit that stands with y alone counts for all columns', () => {
    expect(holesFromCsv('x,y_in\n1,2\n', undefined).holes).toEqual([{ x: 25.4, y: 50.8 }]);
  });

  test.each([
    ['more fields than the header', 'tool,name,length\n1,Mill,12,5\n', /Row 2, column “length”: it has more fields/],
    ['a figure of another base', 'tool,length\n1,0x10\n', /Row 2, column “length”/],
    ['a tool that is no whole number', 'tool,length\n1.5,10\n', /Row 2, column “tool”/],
  ])('of tools: %s', (_name, text, why) => expect(refusal(() => toolTableFromCsv(text, 'mm'))).toMatch(why));

  test('a byte-order mark is no part of a name', () => {
    expect(toolTableFromCsv('\uFEFFtool,length\n1,10\n', 'mm')).toEqual([{ number: 1, name: '', length: 10 }]);
    expect(holesFromJson(`\uFEFF${holesJson([{ x: 1, y: 2 }])}`).holes).toEqual([{ x: 1, y: 2 }]);
  });

  test.each(['=1+1', '+1', '-1', '@cmd', ' =1+1', '\n=1', '\t=1', '＝1+1', '＋1', '－1', '＠x', '\u00A0=1'])(
    'a name that a spreadsheet would run, %j, gets an apostrophe, and is itself again when read',
    (name) => {
      expect(safeText(name)).toBe(`'${name}`);
      expect(unsafeText(safeText(name))).toBe(name);
      const rows = [{ number: 1, name: name.trim(), length: 10 }];
      const csv = toolTableCsv({ school: 'true-length', unit: 'mm', rows });
      expect(csv.split('\r\n')[1]).not.toMatch(/^1,"?[=+\-@＝＋－＠]/);
      expect(toolTableFromCsv(csv, 'mm')).toEqual(rows);
    },
  );

  test('other names stay as they are', () => {
    for (const name of ['Bore', 'O’Neil', "'quoted'", '6 mm = wide', ''])
      expect([safeText(name), unsafeText(safeText(name))]).toEqual([name, name]);
    // One that had its apostrophe before keeps it.
    expect(unsafeText(safeText("'=1"))).toBe("'=1");
    const holes = [{ x: 1, y: 2, group: '-side', note: '=SUM(A1)' }];
    expect(holesFromCsv(positionsCsv(holes, 'mm'), 'mm').holes).toMatchObject(holes);
  });
});

describe('drawings', () => {
  const drawing = (...entities: string[]) =>
    `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities.join('\n')}\n0\nENDSEC\n0\nEOF\n`;
  const circle = (x: string, y: string, r: string, more = '') =>
    `0\nCIRCLE\n8\nHOLES\n10\n${x}\n20\n${y}\n30\n0.0\n40\n${r}${more}`;
  const read = (...entities: string[]) => holesFromDxf(drawing(...entities), 'mm');

  test('a circle drawn from below has its X on the other side', () => {
    expect(read(circle('-10', '20', '3', '\n210\n0\n220\n0\n230\n-1')).holes).toMatchObject([
      { x: 10, y: 20, diameter: 6 },
    ]);
    expect(read(circle('10', '20', '3', '\n210\n0\n220\n0\n230\n1')).holes).toMatchObject([{ x: 10, y: 20 }]);
  });

  test('arcs and polylines drawn from below close as they do from above', () => {
    const arc = (from: number, to: number) =>
      `0\nARC\n8\nHOLES\n10\n-10\n20\n20\n30\n0\n40\n3\n50\n${from}\n51\n${to}\n230\n-1`;
    expect(read(arc(10, 190), arc(190, 10)).holes).toMatchObject([{ x: 10, y: 20, diameter: 6 }]);
    const polyline = '0\nLWPOLYLINE\n8\nHOLES\n90\n2\n70\n1\n230\n-1\n10\n-13\n20\n20\n42\n1\n10\n-7\n20\n20\n42\n1';
    expect(read(polyline).holes).toMatchObject([{ x: 10, y: 20, diameter: 6 }]);
  });

  test.each([
    ['a decimal comma', circle('10,5', '20', '3'), /Line \d+ .*“10,5” has a decimal comma/],
    ['a place that is no figure', circle('ten', '20', '3'), /Line \d+ .*“ten” is no figure/],
    ['a radius of nothing', circle('10', '20', '0'), /Hole 1 .*diameter must be greater/],
    ['a negative radius', circle('10', '20', '-3'), /Hole 1 .*diameter must be greater/],
    ['a radius that is no number', circle('10', '20', 'NaN'), /is no figure/],
    ['a place beyond all machines', circle('10001', '20', '3'), /Hole 1 .*beyond 10 metres/],
    ['a slanting circle', circle('10', '20', '3', '\n210\n0.5\n220\n0\n230\n0.8'), /slanting plane/],
    ['a circle without a middle', '0\nCIRCLE\n8\nHOLES\n40\n3', /circle on the layer “HOLES” has no middle/],
    ['an arc without a radius', '0\nARC\n8\nHOLES\n10\n1\n20\n2\n50\n0\n51\n90', /arc on the layer “HOLES” has no/],
  ])('%s', (_name, entity, why) => expect(refusal(() => read(entity))).toMatch(why));

  test('what is not read as a hole may lie as it likes', () => {
    const slanting = '0\nELLIPSE\n8\nX\n10\n1\n20\n2\n210\n0.5\n220\n0\n230\n0.8';
    expect(read(circle('1', '2', '3'), slanting).holes).toHaveLength(1);
  });

  test('the end is found at once, however many blank lines come before it', () => {
    const blank = `${drawing(circle('1', '2', '3')).slice(0, -6)}${'\n'.repeat(400_000)}`;
    expect(refusal(() => holesFromDxf(blank, 'mm'))).toMatch(/^dxf-cut-off/);
  });

  test('thirty thousand arcs at one place', () => {
    const arc = '0\nARC\n8\nH\n10\n1\n20\n2\n30\n0\n40\n3\n50\n0\n51\n90';
    expect(refusal(() => read(...Array.from({ length: 30_000 }, () => arc)))).toMatch(/^no-holes: .*30000 × open arc/);
  });
});

describe('programs', () => {
  const drilled = 'G21 G90 G54\nG81 X10 Y20 Z-5 R2 F80\n';
  test.each([
    ['a change of unit after holes', 'G20\nX1', /unit-changes: Line 3/],
    ['places by angle', 'G16\nX1', /Line 3 tells places by angle/],
    ['a turned zero, in any spelling', 'G68.2 X0 Y0\nX1', /shifted-zero: Line 3 .*G68\.2/],
    ['a mirror', 'G51.1 X0\nX1', /shifted-zero: Line 3 .*G51\.1/],
    ['a second work offset', 'G55\nX1', /second-offset: Line 3/],
    ['another of the long list', 'G54.1 P3\nX1', /second-offset: Line 3 .*G54\.1 P3/],
    ['another plane', 'G18\nX1', /Line 3 drills along Y/],
    ['a call', 'M98 P100', /Line 3 calls another program/],
    ['a call with a macro', 'G65 P9100 X1', /Line 3 calls another program/],
    ['a rotary word', 'X1 A90', /rotary: Line 3/],
    ['moves after the end', 'M30\nX30', /after-end: Line 4/],
    ['more repeats than make sense', 'G91 X1 L99999', /repeats: Line 3/],
    ['half a repeat', 'G91 X1 L1.5', /repeats: Line 3/],
    ['a word twice in a block', 'X1 X2', /word-twice: Line 3/],
    ['a figure of 400 digits', `X${'9'.repeat(400)}`, /bad-figure: Line 3 has a figure of 400 signs/],
  ])('%s', (_name, more, why) => expect(refusal(() => holesFromProgram(`${drilled}${more}\n`, 'mm'))).toMatch(why));

  test('holes before any offset is named stand on the first', () => {
    const text = 'G21 G90\nG81 X10 Y20 Z-5 R2 F80\nG55\nX1\n';
    expect(refusal(() => holesFromProgram(text, 'mm'))).toMatch(/second-offset: Line 3/);
    const long = 'G21 G90 G54.1 P1\nG81 X10 Y20 Z-5 R2 F80\nG54.1 P2\nX1\n';
    expect(refusal(() => holesFromProgram(long, 'mm'))).toMatch(/second-offset: Line 3/);
  });

  test('words that only put things straight at the start are nothing to mind', () => {
    const text = 'G21 G90 G92.1\nG55 A0 C0\nG81 X10 Y20 Z-5 R2 F80\nX30\nM30\n';
    expect(holesFromProgram(text, 'mm').holes).toHaveLength(2);
  });

  test('the same offset said again, the plain plane, and what ends a program are nothing to mind', () => {
    expect(holesFromProgram(`${drilled}G54 G17\nX30\nG80\nM30\n%\n`, 'mm').holes).toHaveLength(2);
    expect(holesFromProgram(`${drilled}G91 X10 L3\n`, 'mm').holes).toHaveLength(4);
  });
});
