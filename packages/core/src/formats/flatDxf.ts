import { Refusal } from '../problem/problem';

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

/** One thing drawn: where its group codes begin, and behind its last one. */
interface Span {
  kind: string;
  from: number;
  to: number;
}

/**
 * A drawing with every figure looked at, and what was drawn from below turned to be seen from above: its X has the other
 * sign, its arcs go from their end to their start.
 *
 * @throws Refusal naming the line, where a figure is none (a decimal comma among them), or something lies in a slanting plane
 */
export function flatDxf(text: string): string {
  const lines = text.split(/\r\n|\n|\r/);
  const entities: Span[] = [];
  let inEntities = false;
  for (let i = 0; i + 1 < lines.length; i += 2) {
    const code = Number(lines[i]);
    const value = (lines[i + 1] ?? '').trim();
    if (code === 2 && (lines[i - 1] ?? '').trim() === 'SECTION') inEntities = value === 'ENTITIES';
    if (code === 0) {
      const last = entities.at(-1);
      if (last && last.to === 0) last.to = i;
      if (inEntities) entities.push({ kind: value, from: i + 2, to: 0 });
    }
    if (!inEntities || !isFigure(code) || NUMBER.test(value)) continue;
    const comma = /^[+-]?\d*,\d+$/.test(value);
    throw refuse(
      i + 2,
      comma
        ? `“${value}” has a decimal comma; DXF has points. Save it again with the right one`
        : `“${value.slice(0, 20)}” is no figure`,
    );
  }
  for (const span of entities) if (IN_OWN_PLANE.has(span.kind)) turnOver(lines, span);
  return lines.join('\n');
}

function turnOver(lines: string[], { kind, from, to }: Span): void {
  const at = new Map<number, number>();
  const end = to === 0 ? lines.length : to;
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
