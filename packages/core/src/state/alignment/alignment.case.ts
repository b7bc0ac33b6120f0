import { alignmentPlaces } from '../../alignment/places';
import type { Alignment } from '../../records/setup/alignment';
import type { AlignmentTask } from '../../records/values/subject';
import { alignmentOf } from './plan';
import type { SetupState } from '../basis/setupState';
import { bookOf, dialRead, plateBook, caseReading } from '../basis/snapshot.case';

/** The plate shop with an indicator and a plug to line up with. */
export const alignmentShop: SetupState = {
  ...plateBook,
  gauges: [
    ...plateBook.gauges,
    { id: 'lever', name: 'Lever indicator', kind: 'indicator', nominal: 0, resolution: 0.002, range: 0.4 },
    { id: 'plug', name: 'Centring plug', kind: 'plug', nominal: 20 },
  ],
};

/** How a task is read unless it was changed, with changes. */
export function configured(book: SetupState, task: AlignmentTask, change: object = {}): Alignment {
  const found = alignmentOf(book, task);
  if (!found) throw new Error(`no ${task}`);
  return { ...found, ...change } as Alignment;
}

/** The book after a pass of a task was read. */
export function readPass(book: SetupState, alignment: Alignment, values: number[], pass = 1): SetupState {
  const { task } = alignment;
  const onScale = task === 'skew' || ('school' in alignment && alignment.school === 'plug');
  return bookOf(
    { ...book, alignments: [...book.alignments.filter((one) => one.task !== task), alignment] },
    values.map((value, i) => ({
      kind: 'reading' as const,
      setupId: book.setup.id,
      body:
        onScale && (task === 'skew' || task === 'centre')
          ? caseReading({ kind: 'alignment', task, place: alignmentPlaces(alignment)[i] ?? 0, pass }, value, {
              gaugeId: 'lever',
            })
          : dialRead({ kind: 'alignment', task, place: alignmentPlaces(alignment)[i] ?? 0, pass }, value, 'lever'),
    })),
  );
}
