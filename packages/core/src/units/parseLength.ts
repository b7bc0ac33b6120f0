import type { Dial } from './dial';
import { INCH, MAX_LENGTH, millimetresPer, type LengthUnit } from './unit';

/** A length as understood, or the place (0-based) and reason where it was not. */
export type ParsedLength = { ok: true; mm: number } | { ok: false; code: LengthProblem; at: number; message: string };

export type LengthProblem = 'empty' | 'ambiguous' | 'not-a-length' | 'divide-by-zero' | 'too-large' | 'too-long';

const LONGEST_TEXT = 80;

const UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  um: 0.001,
  µm: 0.001,
  μm: 0.001,
  in: INCH,
  inch: INCH,
  inches: INCH,
  '"': INCH,
  "''": INCH,
  '’’': INCH,
  '′′': INCH,
  '″': INCH,
  thou: INCH / 1000,
  mil: INCH / 1000,
  mils: INCH / 1000,
  tenth: INCH / 10_000,
  tenths: INCH / 10_000,
};

const NUMBER = /(?:\d+(?:[.,]\d*)?|[.,]\d+)/y;
const WHOLE = /\d+/y;
/** Marks of inches, or letters and a point behind them: `5in.` */
const UNIT = /(?:["″]|''|’’|′′|[a-zA-Zµμ]+\.?)/y;
const BLANK = /\s*/y;

class Misread extends Error {
  constructor(
    readonly code: LengthProblem,
    readonly at: number,
    message: string,
  ) {
    super(message);
  }
}

/** Reads left to right; every method leaves `at` behind what it took. */
class Reader {
  at = 0;
  constructor(private readonly text: string) {}

  take(pattern: RegExp): string {
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.text)?.[0] ?? '';
    this.at += found.length;
    return found;
  }

  peek(): string {
    return this.text.charAt(this.at);
  }

  get done(): boolean {
    return this.at >= this.text.length;
  }

  number(): number {
    const start = this.at;
    const found = this.take(NUMBER);
    if (found === '') {
      throw new Misread(
        'not-a-length',
        start,
        this.done ? 'A number is missing at the end.' : `“${this.peek()}” is not part of a length.`,
      );
    }
    if (/[.,]/.test(this.peek())) {
      throw new Misread('ambiguous', this.at, 'Two decimal marks in one number. Write it with one, as 1234.5.');
    }
    return Number(found.replace(',', '.'));
  }

  /** `1 3/8`, `3/8`, `10.02/2` or `12.7`. */
  quantity(): number {
    const start = this.at;
    const first = this.number();
    const wholeFirst = /^\d+$/.test(this.text.slice(start, this.at));
    const blank = this.take(BLANK);
    if (wholeFirst && blank !== '' && /\d/.test(this.peek())) {
      const numeratorAt = this.at;
      const numerator = Number(this.take(WHOLE));
      this.take(BLANK);
      if (this.peek() !== '/') {
        throw new Misread(
          'not-a-length',
          numeratorAt,
          'Two numbers stand side by side. Put + or − between them, or make it a fraction as 1 3/8.',
        );
      }
      return first + numerator / this.divisor();
    }
    return this.peek() === '/' ? first / this.divisor() : first;
  }

  private divisor(): number {
    this.at += 1;
    this.take(BLANK);
    const at = this.at;
    const value = this.number();
    if (value === 0) throw new Misread('divide-by-zero', at, 'A length cannot be divided by zero.');
    this.take(BLANK);
    if (this.peek() === '/')
      throw new Misread('ambiguous', this.at, 'Two divisions in a row can be read in two ways. Work one out first.');
    return value;
  }

  unit(): number | undefined {
    const at = this.at;
    const word = this.take(UNIT);
    if (word === '') return undefined;
    const name = word.toLowerCase().replace(/\.$/, '');
    const factor = Object.hasOwn(UNITS, name) ? UNITS[name] : undefined;
    if (factor === undefined) {
      throw new Misread('not-a-length', at, `“${word}” is not a unit used here. Use mm, in, thou, tenths or um.`);
    }
    return factor;
  }
}

/**
 * A length as people in a shop type it, in millimetres.
 *
 * Takes decimals with a point or a comma, fractions (`1 3/8`), units (`mm`, `in`, `thou`, `tenths` of a thou, `um`),
 * divisions and sums (`10.02/2 + 0.05`). A bare number takes the field's unit; in a sum either every
 * part names its unit or none does. What can be read in two ways is refused, never guessed. Never throws.
 *
 * Where a dial is given, `5t 40` or `5 turns 40 lines` is so many turns and lines of its handwheel.
 *
 * @param text what was typed
 * @param unit the field's unit
 * @example parseLength('1/2 + 0.002', 'in') // { ok: true, mm: 12.7508 }
 */
export function parseLength(text: string, unit: LengthUnit, dial?: Dial): ParsedLength {
  // Before any pattern looks at it: a text of a million figures is no length, and would be read for ever.
  if (text.length > LONGEST_TEXT) return tooLong(text);
  const turned = dial && readTurns(text, dial);
  if (turned) return turned;
  try {
    const plain = text.replaceAll('\u2212', '-').replace(VULGAR, asFraction);
    refuseAmbiguous(plain);
    return { ok: true, mm: readSum(plain, millimetresPer(unit)) };
  } catch (error) {
    if (!(error instanceof Misread)) throw error;
    return { ok: false, code: error.code, at: error.at, message: error.message };
  }
}

const tooLong = (text: string): ParsedLength =>
  text.length <= LONGEST_BLANK && text.trim() === ''
    ? { ok: false, code: 'empty', at: 0, message: NOTHING }
    : { ok: false, code: 'too-long', at: LONGEST_TEXT, message: `A length has at most ${LONGEST_TEXT} characters.` };

/** Blanks are nothing, however many a thumb leaves. */
const LONGEST_BLANK = 1000;

const NOTHING = 'Nothing was entered. Type the length.';

/** Fractions of one sign, with the whole number before them. No run in any of these is longer than a text may be. */
const VULGAR = /(\d{1,80})?\s{0,80}([½¼¾⅓⅔⅛⅜⅝⅞])/g;

/** `½` as `1/2`, `1½` and `1 ½` as `1 1/2`. */
function asFraction(_: string, whole: string | undefined, sign: string): string {
  const fraction = sign.normalize('NFKD').replace('\u2044', '/');
  return whole === undefined ? fraction : `${whole} ${fraction}`;
}

/** A whole number bound to a fraction by a dash, a comma before three figures, a decimal inside a mixed fraction. */
const DASHED = /(?:^|[^\d.,])(\d{1,80})-(\d{1,80})\/(\d{1,80})/;
const THOUSANDS = /\d,\d{3}(?![\d.,])/;
const DECIMAL_FRACTION =
  /\d{1,80}[.,]\d{0,80}\s{1,80}\d{1,80}\s{0,80}\/|\d{1,80}\s{1,80}\d{1,80}[.,]\d{0,80}\s{0,80}\/|\d{1,80}\s{1,80}\d{1,80}\s{0,80}\/\s{0,80}\d{1,80}[.,]\d/;

/** @throws Misread where a text can be read in two ways, with what to type for each */
function refuseAmbiguous(text: string): void {
  const dashed = DASHED.exec(text);
  if (dashed) {
    const [all, whole = '', over = '', under = ''] = dashed;
    throw new Misread(
      'ambiguous',
      dashed.index + all.indexOf('-'),
      `A dash between a number and a fraction can be read in two ways. Type ${whole} ${over}/${under} for the mixed fraction, or ${whole} - ${over}/${under} to take it away.`,
    );
  }
  const thousands = THOUSANDS.exec(text);
  if (thousands) {
    const figure = /\d{1,80},\d{3}/.exec(text)?.[0] ?? '';
    throw new Misread(
      'ambiguous',
      text.indexOf(figure) + figure.indexOf(','),
      `A comma before three figures can be read in two ways. Type ${figure.replace(',', '.')} or ${figure.replace(',', '')}.`,
    );
  }
  const decimal = DECIMAL_FRACTION.exec(text);
  if (decimal)
    throw new Misread(
      'ambiguous',
      decimal.index,
      'A decimal inside a fraction can be read in two ways. Type it as a decimal, or as a sum with + between.',
    );
}

const TURNS = /^\s*([+-]?)(\d{1,4})\s*(?:t|turns?)(?:\s*(\d{1,4}(?:[.,]\d+)?)(?:\s*(?:l|lines?))?)?\s*$/i;

/** `5t 40`: turns and lines; undefined where it is not written so. */
function readTurns(text: string, { perTurn, lines }: Dial): ParsedLength | undefined {
  const found = TURNS.exec(text.replaceAll('\u2212', '-'));
  if (!found) return undefined;
  const [, sign, turns = '0', line = '0'] = found;
  const onDial = Number(line.replace(',', '.'));
  if (onDial >= lines) {
    return {
      ok: false,
      code: 'too-large',
      at: text.lastIndexOf(line),
      message: `The dial has ${lines} lines to a turn, so the line is below ${lines}.`,
    };
  }
  const mm = (Number(turns) + onDial / lines) * perTurn * (sign === '-' ? -1 : 1);
  return mm > MAX_LENGTH || mm < -MAX_LENGTH
    ? { ok: false, code: 'too-large', at: 0, message: 'That is more than 10 metres. Count the turns again.' }
    : { ok: true, mm: mm === 0 ? 0 : mm };
}

function readSum(text: string, bareFactor: number): number {
  if (text.trim() === '') throw new Misread('empty', 0, NOTHING);
  const reader = new Reader(text);
  const named: boolean[] = [];
  let sum = 0;
  reader.take(BLANK);
  let sign = reader.take(/[+-]?/y) === '-' ? -1 : 1;
  for (;;) {
    reader.take(BLANK);
    const quantity = reader.quantity();
    reader.take(BLANK);
    const unitAt = reader.at;
    const factor = reader.unit();
    named.push(factor !== undefined);
    if (named.at(-1) !== named[0]) {
      throw new Misread(
        'ambiguous',
        unitAt,
        'Some parts have a unit and some have not. Write the unit on each part, or on none.',
      );
    }
    sum += sign * quantity * (factor ?? bareFactor);
    reader.take(BLANK);
    if (reader.done) break;
    const next = reader.peek();
    if (next !== '+' && next !== '-') {
      throw new Misread('not-a-length', reader.at, `“${next}” is not part of a length.`);
    }
    sign = next === '-' ? -1 : 1;
    reader.at += 1;
  }
  if (!(Math.abs(sum) <= MAX_LENGTH)) {
    throw new Misread('too-large', 0, 'That is more than 10 metres. Check the decimal point and the unit.');
  }
  return sum === 0 ? 0 : sum;
}
