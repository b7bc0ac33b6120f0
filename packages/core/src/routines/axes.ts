import { ALIGNMENT_CAUTIONS } from '../cautions/caution';
import { backlash } from '../shop/backlash';
import { noteWords } from '../messages/basis/note';
import { shownOf, toldReadings, type Routine, type RoutineAsk, type RoutineState } from './routine';

/** Standard deviation of bringing an indicator back to its zero by hand, mm. */
const BY_HAND = 0.004;

/** How often the place is come to from each side. */
const timesOf = ({ told }: Pick<RoutineState, 'told'>): number[] =>
  Array.from({ length: Number(told.times ?? '6') }, (_, i) => i + 1);

/** Lost motion of an axis: one place of the table, arrived at from both sides in turn. */
export const BACKLASH: Routine = {
  name: 'backlash',
  title: 'Its backlash',
  about: 'one place of the table by an indicator, come to from both sides in turn',
  suits: (subject) => subject.kind === 'axis',
  needs: () => [
    {
      kind: 'choice',
      key: 'times',
      label: 'From each side',
      options: [
        { value: '6', label: 'six times' },
        { value: '3', label: 'three times' },
        { value: '1', label: 'once' },
      ],
    },
  ],
  asks: (state) => {
    const axis = state.subject.kind === 'axis' ? state.subject.axis.toUpperCase() : '';
    const ask = (key: string, plus: boolean, say: string): RoutineAsk => ({
      key,
      say: `${say} What does ${axis} show?`,
      label: `${axis}, arriving in ${plus ? 'plus' : 'minus'}`,
      least: 1,
      good: 1,
      picture: { kind: 'arrive', axis, plus },
      cautions: [ALIGNMENT_CAUTIONS.spindleStopped],
    });
    return timesOf(state).flatMap((time) => [
      ask(
        `plus${time}`,
        true,
        time === 1
          ? `Indicator on the table along ${axis}. Approach from minus. Zero it at mid-travel and stay inside its travel.`
          : 'Go back past it, and come again in plus until the indicator reads zero.',
      ),
      ask(`minus${time}`, false, 'Go past it, and come back in minus until the indicator reads zero.'),
    ]);
  },
  result: (state) => {
    const { subject } = state;
    if (subject.kind !== 'axis') throw new RangeError('this routine is of an axis');
    const from = (side: 'plus' | 'minus') => timesOf(state).flatMap((time) => toldReadings(state, `${side}${time}`));
    // Arriving in plus it comes from the minus side.
    const [fromMinus, fromPlus] = [from('plus'), from('minus')];
    const found = backlash({
      fromMinus,
      fromPlus,
      method: { resolution: subject.machine.axes[subject.axis].step, methodSd: BY_HAND },
    });
    const { U } = found.uncertainty;
    return {
      lines: [{ say: 'Backlash', value: found.backlash, U }],
      found: [{ what: 'backlash', value: found.backlash, U, fromMinus, fromPlus }],
      reference: 'a fixed place',
      ...shownOf(found),
      notes: found.notes.map((note) => noteWords(note, state.unit)),
    };
  },
};
