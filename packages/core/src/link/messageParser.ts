import type { ReadingScale } from '../records/values/place';
import type { Axis } from '../schema/quantities';
import { millimetresPer, type LengthUnit } from '../units/unit';
import type { Figures } from './figures';
import { LONGEST_FIGURES, deviceMessage, type Hello, type PositionLine, type DeviceMessage } from './message';
import { seenStep, withFigures, type StepsSeen } from './seenStep';

/** Where a device stood, mm, with the line that said so. */
export interface Stood {
  at: Figures;
  scale: ReadingScale;
  /** The unit its line counted in. */
  unit: LengthUnit;
  line: string;
  /** When it was heard, ms. */
  when: number;
}

/** What is odd about a device, to be said wherever it is used. */
export type LinkNote =
  /** Lines that could not be read: so many, the last of them, and why. */
  | { code: 'nonsense'; count: number; line: string; why: string }
  /** More lines a second than can be meant; all but the newest of them were let go. */
  | { code: 'flood'; dropped: number }
  /** It counts in another unit than it said, or than before. */
  | { code: 'unit'; said: LengthUnit; counts: LengthUnit }
  /** Its figures are finer, or coarser, than the step it tells. mm */
  | { code: 'step'; axis: Axis; told: number; seen: number }
  /** It could not do what it was asked. */
  | { code: 'trouble'; says: string };

/** All that was heard of one device. */
export interface ParsedMessage {
  hello: Hello | undefined;
  position: (Stood & Pick<PositionLine, 'rpm' | 'says' | 'felt' | 'holds'>) | undefined;
  /** Its own touch event, counted so that each is told from the next. */
  touch: (Stood & { count: number }) | undefined;
  /** What a cycle found, mm; the ball is off already. */
  result:
    | {
        count: number;
        axis: Axis;
        found: number;
        unit: LengthUnit;
        scale: ReadingScale;
        cycle: string;
        line: string;
        when: number;
      }
    | undefined;
  offsets: { name: string; x: number; y: number; z: number }[] | undefined;
  /** How often it told them: what was told before something was entered says nothing of that. */
  offsetsTold: number;
  tools: { number: number; length: number; diameter?: number }[] | undefined;
  trouble: string | undefined;
  nonsense: Extract<LinkNote, { code: 'nonsense' }> | undefined;
  dropped: number;
  /** Steps of its figures, told and seen. */
  steps: StepsSeen;
  /** Lines that were understood. */
  lines: number;
}

export const NOTHING_PARSED: ParsedMessage = {
  hello: undefined,
  position: undefined,
  touch: undefined,
  result: undefined,
  offsets: undefined,
  offsetsTold: 0,
  tools: undefined,
  trouble: undefined,
  nonsense: undefined,
  dropped: 0,
  steps: {},
  lines: 0,
};

const SHOWN_OF_LINE = 80;

function nonsense(heard: ParsedMessage, line: string, why: string): ParsedMessage {
  return {
    ...heard,
    nonsense: { code: 'nonsense', count: (heard.nonsense?.count ?? 0) + 1, line: line.slice(0, SHOWN_OF_LINE), why },
  };
}

/** One line of a device, or why it is none. */
function readLine(line: string): { ok: true; value: DeviceMessage } | { ok: false; why: string } {
  let json: unknown;
  try {
    json = JSON.parse(line);
  } catch {
    return { ok: false, why: 'it is not JSON' };
  }
  const read = deviceMessage.safeParse(json);
  if (!read.success) {
    const [issue] = read.error.issues;
    return { ok: false, why: `${issue?.path.join('.') || 'it'}: ${issue?.message ?? 'not understood'}` };
  }
  const long = line.length > LONGEST_FIGURES && (read.data.is === 'position' || read.data.is === 'touch');
  return long ? { ok: false, why: 'it is too long for figures' } : { ok: true, value: read.data };
}

const inMillimetres = (at: Figures, unit: LengthUnit): Figures =>
  Object.fromEntries(Object.entries(at).map(([axis, value]) => [axis, value * millimetresPer(unit)]));

/**
 * What is known of a device after one more line of it. Nothing is guessed: a line without a unit, or with anything that is
 * not as `message` has it, counts as nonsense and changes no figure.
 *
 * @param now ms
 */
export function parseMessage(heard: ParsedMessage, line: string, now: number): ParsedMessage {
  const read = readLine(line);
  if (!read.ok) return nonsense(heard, line, read.why);
  const next = { ...heard, lines: heard.lines + 1 };
  const { value } = read;
  switch (value.is) {
    case 'hello':
      return { ...next, hello: value, steps: {} };
    case 'position': {
      const { unit, scale, rpm, says, felt, holds } = value;
      return {
        ...next,
        steps: withFigures(heard.steps, value.at, heard.hello?.unit === unit ? heard.hello.step : undefined),
        position: { at: inMillimetres(value.at, unit), scale, unit, line, when: now, rpm, says, felt, holds },
      };
    }
    case 'touch':
      return {
        ...next,
        touch: {
          at: inMillimetres(value.at, value.unit),
          scale: value.scale,
          unit: value.unit,
          line,
          when: now,
          count: (heard.touch?.count ?? 0) + 1,
        },
      };
    case 'result': {
      const { is: _, found, ...rest } = value;
      return {
        ...next,
        trouble: undefined,
        result: {
          ...rest,
          found: found * millimetresPer(value.unit),
          line,
          when: now,
          count: (heard.result?.count ?? 0) + 1,
        },
      };
    }
    case 'offsets':
      return {
        ...next,
        offsets: value.rows.map((row) => scaled(row, millimetresPer(value.unit))),
        offsetsTold: heard.offsetsTold + 1,
      };
    case 'tools':
      return {
        ...next,
        tools: value.rows.map(({ number, length, diameter }) => ({
          number,
          length: length * millimetresPer(value.unit),
          ...(diameter !== undefined && { diameter: diameter * millimetresPer(value.unit) }),
        })),
      };
    case 'trouble':
      return { ...next, trouble: value.says };
  }
}

const scaled = (row: { name: string; x: number; y: number; z: number }, per: number) => ({
  name: row.name,
  x: row.x * per,
  y: row.y * per,
  z: row.z * per,
});

/** What is to be said of a device beside its figures. */
export function linkNotes({ hello, position, steps, nonsense: odd, dropped, trouble }: ParsedMessage): LinkNote[] {
  const per = millimetresPer(hello?.unit ?? 'mm');
  return [
    ...(trouble === undefined ? [] : [{ code: 'trouble', says: trouble } as const]),
    ...(dropped > 0 ? [{ code: 'flood', dropped } as const] : []),
    ...(hello && position && hello.unit !== position.unit
      ? [{ code: 'unit', said: hello.unit, counts: position.unit } as const]
      : []),
    ...seenStep(steps).map(
      ({ axis, told, seen }) => ({ code: 'step', axis, told: told * per, seen: seen * per }) as const,
    ),
    ...(odd ? [odd] : []),
  ];
}
