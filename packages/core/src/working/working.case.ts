import { printWorking } from './printWorking';
import type { Working } from './working';

/** What a person adds up with a pencil: the shown figures as whole counts of their last digit. */
const counts = (figure: string): number => Number(figure.replace('−', '-').replace('+', '').replace('.', ''));

/** Sums of a tape whose shown figures do not add up to what stands under the rule, in mm and in inches. */
export const tapeErrors = (tape: Working): { title: string; sum: number; total: number }[] =>
  (['mm', 'in'] as const).flatMap((unit) =>
    printWorking(tape, { unit })
      .filter(({ how }) => how === 'sum')
      .map(({ title, lines, total }) => ({
        title,
        sum: lines.reduce((sum, { figure }) => sum + counts(figure), 0),
        total: counts(total.figure),
      }))
      .filter(({ sum, total }) => sum !== total),
  );
