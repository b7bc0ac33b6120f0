import type { SetupState } from '../../state/basis/setupState';
import { scaleOf } from '../../state/basis/activeRecords';
import type { ToolLengthAnswer, ZZeroAnswer } from '../../state/zAndTools/zZero';
import { tableAnswer } from '../../state/zAndTools/toolTable';
import { formatLength, formatLengthUnit, type LengthFormat } from '../../units/formatLength';
import type { FormView } from '../datum/formView';
import { LENGTH_METHOD_NAMES } from '../basis/labels';
import { offsetWords } from '../datum/offsetLabel';
import { zZeroName } from './zZero';

/** The ways to set Z from the reference tool; the machine’s habit first. */
export function zZeroForms(book: SetupState, { result, readings }: ZZeroAnswer, format: LengthFormat): FormView[] {
  const forms: FormView[] = [
    {
      form: 'preset',
      say: 'Set Z to',
      figure: formatLength(result.setZ, format),
      then: 'still on the gauge: set, do not move',
      done: `Log Z set to ${formatLength(result.setZ, format)}`,
      value: result.setZ,
    },
    {
      form: 'work-offset',
      say: `${offsetWords(book)} Z`,
      figure: formatLength(result.workOffset, format),
      then: `${zZeroName(book)} on the current scale`,
      done: `Log Z offset ${formatLength(result.workOffset, format)}`,
      value: result.workOffset,
    },
  ];
  // After a cycle of the control nothing touches any more: only its figure is left to enter.
  if (readings.at(-1)?.source.by === 'control') return forms.slice(1);
  // A dial keeps no offset.
  if (scaleOf(book) === 'dial') return forms.slice(0, 1);
  return book.machine.habits.answerFirst === 'work-offset' ? forms.reverse() : forms;
}

/** A tool’s offset with its sign, said as longer or shorter too, with what the machine’s own table has it as. */
export function offsetForm(
  book: SetupState,
  { result }: ToolLengthAnswer,
  tool: number,
  format: LengthFormat,
  done: string,
): FormView {
  const reference = book.setup.referenceTool;
  const { school, rows } = tableAnswer(book);
  const own = rows.find(({ number }) => number === tool)?.length ?? null;
  const say =
    result.comparison === 'same'
      ? `Tool ${tool} is as long as tool ${reference}: offset`
      : `Tool ${tool} is ${result.comparison}: offset`;
  return {
    form: 'offset',
    say,
    figure: formatLength(result.offset, { ...format, plus: true }),
    then:
      school === 'reference-tool' || own === null
        ? `the length offset of tool ${tool} against tool ${reference}`
        : `against tool ${reference}; in this machine’s table, ${LENGTH_METHOD_NAMES[school]}: ${formatLengthUnit(own, format)}`,
    done,
    value: result.offset,
  };
}
