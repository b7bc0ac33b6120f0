import type { Pattern } from '@zero-point/core/records/setup/pattern';
import { MAX_HOLES } from '@zero-point/core/records/values/maxHoles';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { FieldRow } from '../../../../keypad/FieldRow';
import { AngleField, CountField, LengthField } from '../../../../keypad/Fields';
import { CircleFields } from './CircleFields';
import { PointsFields, PolarFields } from './ListFields';
import { PointFields } from './PointFields';

interface ShapeFieldsProps {
  pattern: Pattern;
  unit: LengthUnit;
  onChange: (pattern: Pattern) => void;
}

export const positive = (what: string) => (mm: number) => (mm > 0 ? undefined : `${what} must be greater than zero.`);
const notZero = (mm: number) => (mm !== 0 ? undefined : 'Holes this close would overlap.');

export const someHoles =
  (others = 1, least = 1) =>
  (n: number) =>
    n < least
      ? `At least ${least} ${least === 1 ? 'hole' : 'holes'}.`
      : n * others > MAX_HOLES
        ? 'At most 10000 holes; split the work into several patterns.'
        : undefined;

/** Everything that makes the shape of a pattern; each field keeps what is valid and says what is not. */
export function ShapeFields({ pattern, unit, onChange }: ShapeFieldsProps) {
  switch (pattern.kind) {
    case 'bolt-circle':
      return (
        <CircleFields circle={pattern.circle} unit={unit} onChange={(circle) => onChange({ ...pattern, circle })} />
      );
    case 'row': {
      const { row } = pattern;
      const change = (part: Partial<typeof row>) => onChange({ ...pattern, row: { ...row, ...part } });
      return (
        <View style={{ gap: 12 }}>
          <FieldRow>
            <CountField label="Holes" value={row.holes} onCommit={(holes) => change({ holes })} check={someHoles()} />
            <LengthField
              label="Hole to hole"
              unit={unit}
              value={row.pitch}
              onCommit={(pitch) => change({ pitch })}
              check={notZero}
            />
          </FieldRow>
          <PointFields label="First hole" at={row.start} unit={unit} onChange={(start) => change({ start })} />
          <AngleField label="Direction of the row" value={row.angle} onCommit={(angle) => change({ angle })} />
        </View>
      );
    }
    case 'grid': {
      const { grid } = pattern;
      const change = (part: Partial<typeof grid>) => onChange({ ...pattern, grid: { ...grid, ...part } });
      return (
        <View style={{ gap: 12 }}>
          <FieldRow>
            <CountField
              label="Columns"
              value={grid.columns}
              onCommit={(columns) => change({ columns })}
              check={someHoles(grid.rows)}
            />
            <CountField
              label="Rows"
              value={grid.rows}
              onCommit={(rows) => change({ rows })}
              check={someHoles(grid.columns)}
            />
          </FieldRow>
          <FieldRow>
            <LengthField
              label="Column to column"
              unit={unit}
              value={grid.pitchX}
              onCommit={(pitchX) => change({ pitchX })}
              check={notZero}
            />
            <LengthField
              label="Row to row"
              unit={unit}
              value={grid.pitchY}
              onCommit={(pitchY) => change({ pitchY })}
              check={notZero}
            />
          </FieldRow>
          <PointFields label="First hole" at={grid.start} unit={unit} onChange={(start) => change({ start })} />
          <AngleField label="Turned by" value={grid.angle} onCommit={(angle) => change({ angle })} />
        </View>
      );
    }
    case 'frame': {
      const { frame } = pattern;
      const change = (part: Partial<typeof frame>) => onChange({ ...pattern, frame: { ...frame, ...part } });
      return (
        <View style={{ gap: 12 }}>
          <FieldRow>
            <LengthField
              label="Width, hole to hole"
              unit={unit}
              value={frame.width}
              onCommit={(width) => change({ width })}
              check={positive('The width')}
            />
            <LengthField
              label="Height, hole to hole"
              unit={unit}
              value={frame.height}
              onCommit={(height) => change({ height })}
              check={positive('The height')}
            />
          </FieldRow>
          <FieldRow>
            <CountField
              label="Holes along the width"
              value={frame.columns}
              onCommit={(columns) => change({ columns })}
              check={someHoles(4, 2)}
            />
            <CountField
              label="Holes along the height"
              value={frame.rows}
              onCommit={(rows) => change({ rows })}
              check={someHoles(4, 2)}
            />
          </FieldRow>
          <PointFields label="Centre" at={frame.centre} unit={unit} onChange={(centre) => change({ centre })} />
          <AngleField label="Turned by" value={frame.angle} onCommit={(angle) => change({ angle })} />
        </View>
      );
    }
    case 'polar':
      return <PolarFields polar={pattern.polar} unit={unit} onChange={(polar) => onChange({ ...pattern, polar })} />;
    case 'points':
      return (
        <PointsFields points={pattern.points} unit={unit} onChange={(points) => onChange({ ...pattern, points })} />
      );
  }
}
