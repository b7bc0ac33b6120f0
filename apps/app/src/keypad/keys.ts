import type { LengthUnit } from '@zero-point/core/units/unit';

/** One key: what it shows, what a screen reader says, and what it does to the text. */
export interface Key {
  face: string;
  label: string;
  /** Drawn instead of the face. */
  icon?: string;
  press: (text: string) => string;
}

const types = (face: string, label = face, typed = face): Key => ({ face, label, press: (text) => text + typed });

/** A sign at the front turns over; inside a sum a minus is typed instead. */
const turnSign = (text: string): string => (/^[-−]/.test(text) ? text.slice(1) : `-${text}`);

/** Four rows of five that fit shop numbers; at a handwheel, turns stand where the field's own unit need not be typed. */
export function shopKeys(unit: LengthUnit, dial = false): Key[][] {
  const other = unit === 'mm' ? 'in' : 'mm';
  return [
    [
      types('7'),
      types('8'),
      types('9'),
      types('+', 'plus'),
      { face: '⌫', label: 'rub out', icon: 'backspace', press: (text) => text.slice(0, -1) },
    ],
    [types('4'), types('5'), types('6'), types('−', 'minus', '-'), { face: 'C', label: 'clear', press: () => '' }],
    [types('1'), types('2'), types('3'), types('/', 'divided by'), types('␣', 'space', ' ')],
    [
      { face: '±', label: 'turn the sign', press: turnSign },
      types('0'),
      types('.', 'point'),
      types(other, `in ${other}`, ` ${other}`),
      dial ? types('t', 'turns', 't ') : types(unit, `in ${unit}`, ` ${unit}`),
    ],
  ];
}
