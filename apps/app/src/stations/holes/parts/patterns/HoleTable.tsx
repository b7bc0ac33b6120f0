import type { Hole } from '@zero-point/core/state/holes/holes';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useMemo } from 'react';
import { Table, type Column } from '../../../../layout/Table';

interface HoleTableProps {
  holes: readonly Hole[];
  unit: LengthUnit;
  chosen: number;
  /** Numbers of the holes of which every step is done. */
  done: ReadonlySet<number>;
  onChoose: (hole: number) => void;
}

/** Where every hole is, from part zero. */
export function HoleTable({ holes, unit, chosen, done, onChoose }: HoleTableProps) {
  const columns = useMemo((): Column<Hole>[] => {
    const figure = (mm: number) => formatLength(mm, { unit });
    return [
      {
        title: 'Hole',
        flex: 0.75,
        text: ({ hole }) => `${hole === chosen ? '▸' : ' '}${hole}${done.has(hole) ? ' ✓' : ''}`,
      },
      { title: `X ${unit}`, numeric: true, text: ({ x }) => figure(x) },
      { title: `Y ${unit}`, numeric: true, text: ({ y }) => figure(y) },
      { title: `⌀ ${unit}`, numeric: true, soft: true, text: ({ diameter }) => figure(diameter) },
    ];
  }, [unit, chosen, done]);
  return (
    <Table
      label="Positions"
      rows={holes}
      columns={columns}
      keyOf={({ hole }) => String(hole)}
      chosen={({ hole }) => hole === chosen}
      onPress={({ hole }) => onChoose(hole)}
    />
  );
}
