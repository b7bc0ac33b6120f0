import type { SetupState } from '../state/basis/setupState';
import { agreements } from '../state/checks/agreements';
import { zeroDoubtOf } from '../state/datum/zeroDoubt';
import { lastZeroing } from '../state/basis/activeRecords';
import { neededTools } from '../state/holes/neededTools';
import { readBackOf } from '../state/readBack/readBack';
import { gaugeStatusAt } from '../state/gauges/gaugeStatusAt';
import { tableAnswer } from '../state/zAndTools/toolTable';
import { zToolChanged } from '../state/verify/recheckZ';
import { keepsTable } from '../zAndTools/schools';
import { planAxes } from '../records/shop/machine';
import { agreementWords } from '../messages/checks/agreement';
import { zToolChangedWords } from '../messages/zAndTools/lengthValidity';
import { dayWords, isDoubtful, gaugeStatusText } from '../messages/gauges/gaugeStatus';
import type { SheetSection } from './sheet';

/** What is not done or does not agree yet: it stands first, since it decides whether to run. */
export function openSection(book: SetupState, now: string): SheetSection | undefined {
  const lines = openItems(book, now);
  return lines.length === 0 ? undefined : { title: 'Still open', columns: [], rows: [], lines, tone: 'warn' };
}

/** Everything that is still open, in sentences. */
export function openItems(book: SetupState, now: string): string[] {
  const { setup, machine } = book;
  const axes = [...planAxes(machine), 'z' as const];
  const unset = axes.filter((axis) => lastZeroing(book, axis) === undefined);
  const zTool = zToolChanged(book);
  const school = machine.habits.toolLengthSchool;
  const { rows } = tableAnswer(book);
  const bare = keepsTable(school)
    ? neededTools(book).filter((number) =>
        rows.some((row) => row.number === number && !row.isReference && row.length === null && row.kept === null),
      )
    : [];
  const check = book.programChecks.at(-1);
  const used = new Set(book.readings.filter(({ struckBy }) => struckBy === null).map(({ gaugeId }) => gaugeId));
  return [
    ...(unset.length > 0 ? [`${unset.map((axis) => axis.toUpperCase()).join(', ')} not set.`] : []),
    ...(zTool !== undefined ? [zToolChangedWords(zTool)] : []),
    ...(zeroDoubtOf(book) ? ['Zero in doubt: the machine was homed, off or left since. Touch one face again.'] : []),
    ...axes.flatMap((axis) => {
      const back = readBackOf(book, axis);
      if (!back || back.agrees === true) return [];
      return [
        back.shown === undefined
          ? `${axis.toUpperCase()} not read back.`
          : `${axis.toUpperCase()} shows something else than it was set to.`,
      ];
    }),
    ...agreements(book)
      .filter(({ explanation }) => !explanation.agrees)
      .map((agreement) => {
        const { said, but } = agreementWords(book, agreement, setup.units);
        return `${said}, ${but.differs}.`;
      }),
    ...(bare.length > 0 ? [`No length: ${bare.length === 1 ? 'tool' : 'tools'} ${bare.join(', ')}.`] : []),
    ...book.gauges.flatMap((gauge) => {
      if (!used.has(gauge.id)) return [];
      const standing = gaugeStatusAt(book, gauge, now);
      return isDoubtful(standing) ? (gaugeStatusText(gauge, standing) ?? []) : [];
    }),
    ...(check && check.stops + check.minds > 0
      ? [`Program ${check.file}, checked ${dayWords(check.at)}: ${check.stops} to mend, ${check.minds} to look at.`]
      : []),
  ];
}
