import type { TOOL_LENGTH_METHODS } from '../records/shop/machine';
import { Refusal } from '../problem/problem';

export type LengthMethod = (typeof TOOL_LENGTH_METHODS)[number];

/** Whether a school's lengths stand in a table that a program calls by H. */
export const keepsTable = (school: LengthMethod): boolean => school !== 'touch-every-change';

/** What a machine's numbers are counted from. Z of the spindle, machine coordinates, mm. */
export interface LengthFrame {
  /** Z with the reference tool on the gauge. */
  reference?: number | undefined;
  /** Thickness of the gauge, and part height of the surface it stands on. */
  gauge?: number | undefined;
  surface?: number | undefined;
  /** Z of the bare gauge line on the gauge: Z with a master tool less its length. */
  trigger?: number | undefined;
}

const need = (value: number | undefined, field: keyof LengthFrame): number => {
  if (value !== undefined) return value;
  throw new Refusal({ code: 'reference-unknown', field, message: `Not known yet: ${MISSING[field]}` });
};

const MISSING: Readonly<Record<keyof LengthFrame, string>> = {
  reference: 'Z with the reference tool on the gauge. Touch the gauge with the reference tool first.',
  gauge: 'how thick the gauge is. Choose the gauge for heights in Plan.',
  surface: 'how high the surface under the gauge is on the part. Enter it in Z & tools.',
  trigger: 'where the bare spindle would touch the gauge. Touch it with a master tool of known length.',
};

/**
 * A tool's number in a school's table, from Z with that tool on the common gauge.
 *
 * reference-tool: H = Z - Z_ref. touch-part: H = Z - T - h, from machine zero. true-length: L = Z - Z_trig, from the
 * gauge line. touch-every-change keeps no table: the number is the shift of Z against the reference tool. mm.
 *
 * @throws Refusal when the school needs something that is not known
 * @example lengthIn('reference-tool', -52.31, { reference: -40 }) // -12.31
 */
export function lengthIn(school: LengthMethod, z: number, frame: LengthFrame): number {
  switch (school) {
    case 'reference-tool':
    case 'touch-every-change':
      return z - need(frame.reference, 'reference');
    case 'touch-part':
      return z - need(frame.gauge, 'gauge') - need(frame.surface, 'surface');
    case 'true-length':
      return z - need(frame.trigger, 'trigger');
  }
}

/** Z with a tool on the gauge, from its number in a school's table: the way back from {@link lengthIn}. */
export function spindleZ(school: LengthMethod, length: number, frame: LengthFrame): number {
  switch (school) {
    case 'reference-tool':
    case 'touch-every-change':
      return length + need(frame.reference, 'reference');
    case 'touch-part':
      return length + need(frame.gauge, 'gauge') + need(frame.surface, 'surface');
    case 'true-length':
      return length + need(frame.trigger, 'trigger');
  }
}

/** A tool's number of one school in another, without loss. */
export const convertLength = (length: number, from: LengthMethod, to: LengthMethod, frame: LengthFrame): number =>
  lengthIn(to, spindleZ(from, length, frame), frame);

/**
 * Work offset Z that goes with a school's numbers: added to a tool's number it is where the spindle stands with that
 * tool's tip on part zero. Where every change is touched again, it is that of the tool in the spindle, number 0. mm.
 */
export function workOffsetZ(school: LengthMethod, frame: LengthFrame): number {
  const top = need(frame.gauge, 'gauge') + need(frame.surface, 'surface');
  switch (school) {
    case 'reference-tool':
    case 'touch-every-change':
      return need(frame.reference, 'reference') - top;
    case 'touch-part':
      return 0;
    case 'true-length':
      return need(frame.trigger, 'trigger') - top;
  }
}

/** What a school's number says of a tool, in plain words without its figure: "shorter than the reference tool". */
export function lengthWords(school: LengthMethod, length: number): string {
  if (school === 'true-length') return 'from the gauge line to the tip';
  if (school === 'touch-part') return 'from machine zero to the tip on part zero';
  if (Math.abs(length) < 1e-9) return 'as long as the reference tool';
  return length < 0 ? 'shorter than the reference tool' : 'longer than the reference tool';
}
