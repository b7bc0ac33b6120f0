/** One key: what it shows, what a screen reader says, and what it does to the text. */
export interface Key {
  face: string;
  label: string;
  /** Drawn instead of the face. */
  icon?: string;
  press: (text: string) => string;
  /** So many keys wide, where it is not one. */
  wide?: number;
}

const types = (face: string, label = face, typed = face): Key => ({ face, label, press: (text) => text + typed });

/** A sign at the front turns over; inside a sum a minus is typed instead. */
const turnSign = (text: string): string => (/^[-−]/.test(text) ? text.slice(1) : `-${text}`);

/**
 * Four rows that fit shop numbers: digits, what makes a sum or a fraction of them, and units as the hand has them. At a
 * handwheel the turns stand where the second half of the space was.
 */
export function shopKeys(dial = false): Key[][] {
  return [
    [
      types('7'),
      types('8'),
      types('9'),
      types('+', 'plus'),
      types('in', 'inches', ' in'),
      { face: '⌫', label: 'rub out', icon: 'backspace', press: (text) => text.slice(0, -1) },
    ],
    [
      types('4'),
      types('5'),
      types('6'),
      types('−', 'minus', '-'),
      types('mm', 'millimetres', ' mm'),
      { face: 'C', label: 'clear', press: () => '' },
    ],
    [
      types('1'),
      types('2'),
      types('3'),
      types('/', 'divided by'),
      types('thou', 'thousandths of an inch', ' thou'),
      types('tenths', 'tenths of a thousandth of an inch', ' tenths'),
    ],
    [
      { face: '±', label: 'change the sign', press: turnSign },
      types('0'),
      types('.', 'point'),
      ...(dial
        ? [types('␣', 'space', ' '), { ...types('turns', 'turns', 't '), wide: 2 }]
        : [{ ...types('space', 'space', ' '), wide: 3 }]),
    ],
  ];
}
