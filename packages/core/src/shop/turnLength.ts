import { Refusal } from '../problem/problem';
import { sumSection } from '../working/working';
import { parseLength } from '../units/parseLength';
import { INCH } from '../units/unit';
import type { TurnLengthInput, TurnLengthOutput } from './turnLength.schema';

/** Finest binary fraction on a shop rule: a 64th of an inch. */
const FINEST = 64;

/**
 * A length as typed, in millimetres and inches (1 in = 25.4 mm exactly, ISO 80000-3), with the nearest fraction on an
 * inch rule and what that leaves over. mm.
 *
 * @throws Refusal when the text is no length
 * @example turnLength({ text: '1 3/8 in', unit: 'mm' }) // mm 34.925, fraction 1 3/8, left 0
 */
export function turnLength({ text, unit }: TurnLengthInput): TurnLengthOutput {
  const read = parseLength(text, unit);
  if (!read.ok) throw new Refusal({ code: read.code, field: 'text', message: read.message });
  const { mm } = read;
  const counts = Math.round((Math.abs(mm) / INCH) * FINEST);
  const sign = mm < 0 ? -1 : 1;
  const whole = Math.floor(counts / FINEST);
  const part = counts - whole * FINEST;
  const common = divisor(part, FINEST);
  const left = mm - (sign * counts * INCH) / FINEST;
  return {
    mm,
    inches: mm / INCH,
    fraction: { whole: sign * whole + 0, over: (part / common) * sign + 0, under: FINEST / common },
    left: left + 0,
    tape: {
      sections: [
        sumSection(
          'On an inch rule',
          [
            { label: 'whole inches', value: sign * whole * INCH, detail: [`${whole} × `, { length: INCH }] },
            { label: `${part / common}/${FINEST / common} inch`, value: (sign * part * INCH) / FINEST },
            { label: 'left over', value: left },
          ],
          'length',
        ),
      ],
    },
    cautions: [],
  };
}

/** Greatest common divisor; the second number where the first is zero. */
function divisor(a: number, b: number): number {
  return a === 0 ? b : divisor(b % a, a);
}
