import { EDGE_CAUTIONS, spinCaution } from '../../cautions/caution';
import { judge } from '../../metrology/judge';
import { repeats } from '../../metrology/repeats';
import { displayPart, repeatPart, SIZE_PART, stoppedRunOutPart, TOUCH_PART } from '../../metrology/touchBudget';
import { combine, type BudgetPart } from '../../metrology/uncertainty';
import { Refusal } from '../../problem/problem';
import { meanSection, sumSection } from '../../working/working';
import { contactRadiusLines } from './contactRadius';
import { lostOf, lostPart } from './backlashSense';
import { stoppedTirPart } from '../touchSources';
import type { OppositeFacesInput, OppositeFacesOutput } from './oppositeFaces.schema';

/**
 * The middle and width of a web, a slot or the stock, from one touch of each face: (e1 + e2) / 2 and |e2 - e1|.
 * Touched with one contact on both sides its radius cancels in the middle; the width needs it twice. mm, ISO 841.
 *
 * @throws Refusal when both faces were touched the same way, or the contact does not fit between them
 * @example
 * // 10 mm finder, web from 0 to 184: touches at -5 and 189
 * oppositeFaces({ ...finder, first: { readings: [-5], approach: 1 }, second: { readings: [189], approach: -1 }, nominal: 92 }).centre // 92
 */
export function oppositeFaces(input: OppositeFacesInput): OppositeFacesOutput {
  const { first, second, nominal, contact } = input;
  checkSides(input);
  const seen = { first: repeats(first.readings, input.method), second: repeats(second.readings, input.method) };
  const radius = contactRadiusLines(contact).reduce((sum, { value }) => sum + value, 0);
  checkFits(input, radius);
  // Just one of the two was touched going toward minus.
  const lost = lostOf(input.lostMotion, -1);
  const firstAt = seen.first.mean + lostOf(input.lostMotion, first.approach);
  const secondAt = seen.second.mean + lostOf(input.lostMotion, second.approach);
  // On a web the contact is outside: the touch toward + lies lower.
  const apart = first.approach * (secondAt - firstAt);
  const kind = apart > 0 ? 'web' : 'slot';
  const width = kind === 'web' ? apart - 2 * radius : 2 * radius - apart;
  checkKind(input, kind, width);
  const centreSection = sumSection(
    'Middle of the two faces',
    [
      { label: 'half of the first touch', value: seen.first.mean / 2, detail: [{ length: seen.first.mean }, ' / 2'] },
      {
        label: 'half of the second touch',
        value: seen.second.mean / 2,
        detail: [{ length: seen.second.mean }, ' / 2'],
      },
      ...(lost > 0 ? [{ label: 'half of the backlash, of the touch toward −', value: lost / 2 }] : []),
    ],
    'middle; the contact’s radius cancels',
  );
  const widthSection = widthOf({ kind, between: Math.abs(seen.second.mean - seen.first.mean), apart, lost, radius });
  const offsetSection = sumSection(
    'Work offset',
    [
      { label: 'middle', value: centreSection.total.value },
      { label: 'less its place on the part', value: -nominal },
    ],
    'part zero at',
  );
  const { uncertainty, widthUncertainty } = budgets(input, seen);
  return {
    kind,
    repeats: seen,
    centre: centreSection.total.value,
    width: widthSection.total.value,
    workOffset: offsetSection.total.value,
    halfway: (secondAt - firstAt) / 2,
    uncertainty,
    widthUncertainty,
    verdict: input.tolerance === undefined ? null : judge(uncertainty.U, input.tolerance),
    tape: {
      sections: [
        meanSection('Readings, first face', first.readings, seen.first.mean),
        meanSection('Readings, second face', second.readings, seen.second.mean),
        centreSection,
        widthSection,
        offsetSection,
      ],
    },
    cautions: [spinCaution(contact.spin), EDGE_CAUTIONS.raiseFirst],
  };
}

interface WidthParts {
  kind: 'web' | 'slot';
  /** Between the two means as read, mm. */
  between: number;
  /** The same with the backlash counted; under zero in a slot. */
  apart: number;
  lost: number;
  radius: number;
}

/** The width's working, mm: between the touches, the contact off twice on a web and on twice in a slot. */
function widthOf({ kind, between, apart, lost, radius }: WidthParts) {
  return sumSection(
    kind === 'web' ? 'Width of the web' : 'Width of the slot',
    [
      { label: 'between the touches', value: between },
      ...(lost > 0
        ? [
            {
              label: kind === 'web' ? 'backlash, of the touch toward −' : 'less backlash, of the touch toward −',
              value: Math.abs(apart) - between,
            },
          ]
        : []),
      {
        label: kind === 'web' ? 'less the contact, both sides' : 'the contact, both sides',
        value: kind === 'web' ? -2 * radius : 2 * radius,
        detail: ['2 × ', { length: radius }],
      },
    ],
    'width',
  );
}

/** ± of the middle, and of the width. */
function budgets(
  input: OppositeFacesInput,
  seen: OppositeFacesOutput['repeats'],
): Pick<OppositeFacesOutput, 'uncertainty' | 'widthUncertainty'> {
  const { method } = input;
  const each = (factor: number): BudgetPart[] =>
    (['first', 'second'] as const).flatMap((face) => [
      scaled(repeatPart(seen[face], method, `repeats, ${face} face`), factor),
      scaled(displayPart(seen[face], method, `display step, ${face} face`), factor),
      { name: `${TOUCH_PART}, ${face} face`, u: input.uTouch * factor, shape: 'normal' as const },
    ]);
  // The contact's size is off by the same at both faces: twice in the width, not at all in the middle.
  const size: BudgetPart = { name: SIZE_PART, u: 2 * input.uSize, shape: 'normal' };
  // A contact that stands still is off to one side at both faces: the middle moves by all of it, the width by none.
  const uncertainty = combine([
    ...each(0.5),
    stoppedRunOutPart(stoppedTirPart(input)),
    scaled(lostPart(input.lostMotion, -1), 0.5),
  ]);
  return { uncertainty, widthUncertainty: combine([...each(1), size, lostPart(input.lostMotion, -1)]) };
}

/** @throws Refusal when both faces were touched going the same way */
function checkSides({ first, second }: OppositeFacesInput): void {
  if (first.approach === second.approach) {
    throw new Refusal({
      code: 'same-side',
      field: 'second.approach',
      message:
        'Both faces were touched going the same way, so they are not opposite. Touch the second one coming from the other side.',
    });
  }
}

/** @throws Refusal when the touches lie as they cannot on such a feature, or leave nothing between them */
function checkKind(input: OppositeFacesInput, kind: 'web' | 'slot', width: number): void {
  if (input.expected && kind !== input.expected.kind) {
    throw new Refusal({
      code: 'wrong-side',
      field: 'second.readings',
      message:
        input.expected.kind === 'slot'
          ? 'The touches lie as on the outside of something, but these are the walls of a slot. See that each was touched from inside, and which reading belongs to which wall.'
          : 'The touches lie as inside a slot, but these are outer faces. See that each was touched from outside, and which reading belongs to which face.',
    });
  }
  if (kind === 'web' && width <= 0) {
    throw new Refusal({
      code: 'no-width',
      field: 'second.readings',
      message:
        'The two touches are nearer than the contact is wide, which leaves no part between them. See which face each was, and the contact’s size.',
    });
  }
}

/** @throws Refusal when the contact does not go into the slot */
function checkFits({ expected }: OppositeFacesInput, radius: number): void {
  if (expected?.kind !== 'slot' || 2 * radius < expected.width) return;
  throw new Refusal({
    code: 'contact-too-large',
    field: 'contact.diameter',
    message: 'The contact is wider than the slot and cannot go into it. Choose a smaller finder or ball.',
  });
}

const scaled = (part: BudgetPart, factor: number): BudgetPart => ({ ...part, u: part.u * factor });
