import { Refusal } from '../../problem/problem';

/** Group codes that hold places, sizes and angles; and those that are never shown to be read. */
const isFigure = (code: number): boolean => (code >= 10 && code <= 59) || (code >= 210 && code <= 239);

const NUMBER = /^[+-]?(\d+(?:\.\d*)?|\.\d+)([eE][+-]?\d+)?$/;

/** Kinds that are read as holes, and whose places are told in a plane of their own, which may look down from below. */
const IN_OWN_PLANE = new Set(['CIRCLE', 'ARC', 'LWPOLYLINE']);

const refuse = (line: number, why: string): Refusal =>
  new Refusal({
    code: 'bad-dxf',
    field: `line ${line}`,
    message: `Line ${line} of the drawing: ${why}. Nothing was taken over.`,
  });

/** Kinds that are read; all others are named and counted, and never shown to the parser. */
const READ = new Set(['CIRCLE', 'ARC', 'LWPOLYLINE', 'POINT']);

/** What belongs to the thing before it. */
const PARTS = new Set(['VERTEX', 'ATTRIB', 'SEQEND']);

/** One thing drawn: where its group codes begin, and behind its last one. */
interface Span {
  kind: string;
  from: number;
  to: number;
}

/** A drawing as far as it is read. */
export interface FlatDrawing {
  /** Its unit and what is read of it, as a drawing of its own. */
  text: string;
  /** Kinds of what else is drawn in it, one by one. */
  others: string[];
}

/** Things drawn, one after the other, with every figure of what is read looked at; and the unit the header says. */
function spansOf(lines: readonly string[]): { entities: Span[]; unit: string | undefined } {
  const entities: Span[] = [];
  let section = '';
  let unit: string | undefined;
  let open: Span | undefined;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const [name = '', value = ''] = [lines[i]?.trim(), lines[i + 1]?.trim()];
    if (!/^-?\d{1,4}$/.test(name)) throw refuse(i + 1, `“${name.slice(0, 20)}” is no group code`);
    const code = Number(name);
    if (code === 0 && open) {
      open.to = i;
      open = undefined;
    }
    if (code === 0 && value === 'EOF') break;
    if (code === 0 && value === 'SECTION') section = lines[i + 2]?.trim() === '2' ? (lines[i + 3]?.trim() ?? '') : '';
    else if (code === 0 && value === 'ENDSEC') section = '';
    else if (code === 0 && section === 'ENTITIES' && !PARTS.has(value)) {
      open = { kind: value, from: i + 2, to: lines.length };
      entities.push(open);
    } else if (code === 9 && value === '$INSUNITS' && section === 'HEADER') unit = lines[i + 3]?.trim();
    if (open && READ.has(open.kind) && isFigure(code) && !NUMBER.test(value)) throw noFigure(i + 2, value);
  }
  return { entities, unit };
}

const noFigure = (line: number, value: string): Refusal =>
  refuse(
    line,
    /^[+-]?\d*,\d+$/.test(value)
      ? `“${value.slice(0, 20)}” has a decimal comma; DXF has points. Save it again with the right one`
      : `“${value.slice(0, 20)}” is no figure`,
  );

/**
 * A drawing with every figure looked at, and what was drawn from below turned to be seen from above: its X has the other
 * sign, its arcs go from their end to their start. Only what is read as a hole is in it, however much else there was.
 *
 * @throws Refusal naming the line, where a figure is none (a decimal comma among them), or something lies in a slanting plane
 */
export function flatDxf(text: string): FlatDrawing {
  const lines = text.split(/\r\n|\n|\r/);
  const { entities, unit } = spansOf(lines);
  for (const span of entities) if (IN_OWN_PLANE.has(span.kind)) turnOver(lines, span);
  const read = entities.filter(({ kind }) => READ.has(kind));
  const header = unit === undefined ? [] : ['9', '$INSUNITS', '70', unit];
  const flat = [
    ...['0', 'SECTION', '2', 'HEADER', ...header, '0', 'ENDSEC', '0', 'SECTION', '2', 'ENTITIES'],
    ...read.flatMap(({ from, to }) => lines.slice(from - 2, to)),
    ...['0', 'ENDSEC', '0', 'EOF', ''],
  ];
  return { text: flat.join('\n'), others: entities.flatMap(({ kind }) => (READ.has(kind) ? [] : kind)) };
}

function turnOver(lines: string[], { kind, from, to: end }: Span): void {
  const at = new Map<number, number>();
  for (let i = from; i + 1 < end; i += 2) at.set(Number(lines[i]), i + 1);
  const figure = (code: number, usual: number): number => {
    const line = at.get(code);
    return line === undefined ? usual : Number(lines[line]);
  };
  const [x, y, z] = [figure(210, 0), figure(220, 0), figure(230, 1)];
  if (Math.abs(x) > 1e-9 || Math.abs(y) > 1e-9)
    throw refuse(
      from,
      `this ${kind.toLowerCase()} lies in a slanting plane, so seen from above it is none. Draw it flat`,
    );
  if (z > 0) return;
  for (let i = from; i + 1 < end; i += 2) {
    const code = Number(lines[i]);
    // The middle or a vertex; and a bulge, which bends the other way.
    if (code === 10 || (code === 42 && kind === 'LWPOLYLINE')) lines[i + 1] = String(-Number(lines[i + 1]));
  }
  const [start, stop] = [at.get(50), at.get(51)];
  if (kind === 'ARC' && start !== undefined && stop !== undefined)
    [lines[start], lines[stop]] = [String(180 - Number(lines[stop])), String(180 - Number(lines[start]))];
}
