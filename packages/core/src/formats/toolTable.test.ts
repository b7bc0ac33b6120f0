import {
  setsRows,
  tableChanges,
  toolTableCsv,
  toolTableFromCsv,
  toolTableJson,
  toolTableProgram,
  type ToolTable,
} from './toolTable';

const table: ToolTable = {
  school: 'reference-tool',
  unit: 'mm',
  rows: [
    { number: 1, name: 'End mill 10, three flutes', length: 0 },
    { number: 2, name: 'Drill 4.2 (stub)', length: -12.31 },
    { number: 7, name: '=SUM(A1)', length: 4.2 },
  ],
};

describe('a tool table out', () => {
  test('as CSV reads back as it was', () => {
    const csv = toolTableCsv(table);
    expect(csv.split('\r\n')[1]).toBe('1,"End mill 10, three flutes",0.000,mm,reference-tool');
    expect(csv).toContain("'=SUM(A1)");
    expect(toolTableFromCsv(csv, 'mm').map(({ number, length }) => [number, length])).toEqual([
      [1, 0],
      [2, -12.31],
      [7, 4.2],
    ]);
  });

  test('in inches too, to a tenth of a thou', () => {
    const rows = toolTableFromCsv(toolTableCsv({ ...table, unit: 'in' }), 'mm');
    expect(Math.abs((rows[1]?.length ?? 0) + 12.31)).toBeLessThan(0.00005 * 25.4);
  });

  test('as JSON keeps every digit, and as ISO 6983 lines sets each offset', () => {
    expect(JSON.parse(toolTableJson(table))).toMatchObject({ school: 'reference-tool', tools: table.rows });
    expect(toolTableProgram(table, 'reference-height').split('\n')).toEqual([
      '%',
      '(Lengths kept reference-tool)',
      'G21',
      'G90',
      'G10 L1 P1 Z0.000 (End mill 10, three flutes)',
      'G10 L1 P2 Z-12.310 (Drill 4.2 stub)',
      'G10 L1 P7 Z4.200 (=SUM A1)',
      '%',
      '',
    ]);
    expect(toolTableProgram(table, 'reference-distance')).toContain('G10 L10 P2 R-12.310');
  });

  test('in words nobody told it are not written, nor for a machine that keeps no table', () => {
    expect(() => toolTableProgram(table)).toThrow(/Type the rows by hand/);
    expect(() => toolTableProgram({ ...table, school: 'touch-every-change' }, 'reference-height')).toThrow(/by hand/);
    expect(setsRows('reference-height', 'true-length')).toBe(true);
    expect(setsRows('reference-height', 'touch-every-change')).toBe(false);
    expect(setsRows(undefined, 'true-length')).toBe(false);
  });

  test('a name is a comment, never a line', () => {
    const rows = [{ number: 1, name: 'Mill)\nG0 Z-50\u2028(', length: 1 }];
    expect(toolTableProgram({ ...table, rows }, 'reference-height').split('\n')).toHaveLength(7);
  });
});

describe('a tool table in', () => {
  test.each([
    ['without a length', 'tool,name\n1,mill', /no column “length” or “offset”/],
    ['with a tool twice', 'tool,length\n2,1\n3,4\n2,5', /Row 4, column “tool”: tool 2 is already in row 2/],
    ['with an absurd length', 'tool,length\n2,1000000', /Row 2, column “length”: that is more than 10 metres/],
    ['with a word', 'tool,length\n2,long', /Row 2, column “length”: “long” is no length/],
    ['with mixed decimal marks', 'tool;length\n2;1.5\n3;"1,5"', /Row 3, column “length”: it has another decimal mark/],
    ['with a strange unit', 'tool,length,unit\n2,1,cm', /Row 2, column “unit”: “cm” is neither mm nor in/],
    ['with a tool of no number', 'tool,length\nx,1', /Row 2, column “tool”: a tool has a whole number/],
    ['with an open quotation mark', 'tool,name,length\n2,"mill,1', /quotation marks are not closed/],
    ['with nothing', '', /no column “tool”/],
  ])('%s is refused by row and column', (_, text, why) => {
    expect(() => toolTableFromCsv(text, 'mm')).toThrow(why);
  });

  test('of a hundred thousand rows is refused at once', () => {
    const text = `tool,length\n${Array.from({ length: 100_000 }, (_, i) => `${i + 1},1`).join('\n')}`;
    expect(() => toolTableFromCsv(text, 'mm')).toThrow(/more than 9999 lines/);
  });

  test('T2, a decimal comma and a column called offset are understood', () => {
    expect(toolTableFromCsv('number;offset\nT2;-12,31', 'mm')).toEqual([{ number: 2, name: '', length: -12.31 }]);
  });

  test('shows what would change, and only that', () => {
    const file = [
      { number: 1, name: 'mill', length: 0.0003 },
      { number: 2, name: 'drill', length: -12.5 },
      { number: 9, name: 'tap', length: 3 },
    ];
    expect(tableChanges(table.rows, file)).toEqual([
      { number: 2, name: 'drill', before: -12.31, after: -12.5 },
      { number: 9, name: 'tap', before: undefined, after: 3 },
    ]);
  });
});
