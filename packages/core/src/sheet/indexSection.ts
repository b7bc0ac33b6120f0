import type { SetupState } from '../state/basis/setupState';
import { indexState } from '../state/rotary/indexTable';
import { formatAngle, formatLength } from '../units/formatLength';
import { plusMinus } from '../messages/basis/verdict';
import { INDEX_METHOD_TEXT } from '../messages/rotary/rotaryCentre';
import type { SheetSection } from './sheet';

/** Part zero at every index, with its offset and ±; nothing where the part is not turned. */
export function indexSection(book: SetupState): SheetSection | undefined {
  const { indexPlan, machine, setup } = book;
  if (indexPlan.indices.length === 0) return undefined;
  const unit = setup.units;
  const { table, lacks } = indexState(book);
  const rotary = machine.rotary ?? [];
  return {
    title: `Faces that come up: ${INDEX_METHOD_TEXT[indexPlan.school].toLowerCase()}`,
    columns: [
      { title: 'Face', share: 1.6 },
      ...rotary.map(({ name }) => ({ title: name, figures: true, share: 0.9 })),
      { title: 'Offset', share: 0.9 },
      ...(['X', 'Y', 'Z'] as const).map((title) => ({ title: `${title}, ${unit}`, figures: true, share: 1.4 })),
      { title: '± most', figures: true, share: 1.1 },
    ],
    rows: indexPlan.indices.map((index, i) => {
      const row = table?.rows[i];
      return [
        index.name,
        ...rotary.map(({ name }) => formatAngle(index[name] ?? 0)),
        index.workOffset ?? '',
        ...(['x', 'y', 'z'] as const).map((axis) => (row ? formatLength(row.datum[axis], { unit }) : '')),
        row ? plusMinus(Math.max(row.U.x, row.U.y, row.U.z), unit) : '',
      ];
    }),
    lines: lacks.length > 0 ? ['Not every figure is known yet: see the page of the indices.'] : [],
    tone: 'plain',
  };
}
