import { holesFromCsv } from '@zero-point/core/formats/holes/holesCsv';
import type { PatternShape } from '@zero-point/core/holes/patterns/pattern.schema';
import { Refusal } from '@zero-point/core/problem/problem';
import { formatLength } from '@zero-point/core/units/formatLength';
import { parseLength } from '@zero-point/core/units/parseLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { TableField } from '../../../../keypad/TableField';
import { PointFields } from './PointFields';

type Polar = Extract<PatternShape, { kind: 'polar' }>['polar'];
type Points = Extract<PatternShape, { kind: 'points' }>['points'];

interface ListFieldsProps<T> {
  unit: LengthUnit;
  onChange: (value: T) => void;
}

const plain = (mm: number, unit: LengthUnit): string => formatLength(mm, { unit }).replace('−', '-');

/** Holes at distances and angles from a centre, a line each. */
export function PolarFields({ polar, unit, onChange }: ListFieldsProps<Polar> & { polar: Polar }) {
  const take = (text: string): string | undefined => {
    const places: Polar['places'] = [];
    for (const [i, line] of text.split('\n').entries()) {
      if (line.trim() === '') continue;
      const [far = '', turned = '', ...more] = line.split(/[;\t]/);
      const radius = parseLength(far, unit);
      const angle = turned.trim().replace('°', '').replace(',', '.').replace('−', '-');
      if (!radius.ok) return `Line ${i + 1}: ${radius.message}`;
      if (radius.mm < 0) return `Line ${i + 1}: a distance cannot be negative. Turn the angle by 180 instead.`;
      if (more.length > 0 || !/^[+-]?(\d+(?:\.\d*)?|\.\d+)$/.test(angle) || Math.abs(Number(angle)) > 3600)
        return `Line ${i + 1}: type the distance; the angle in degrees, e.g. 24; 15.`;
      places.push({ radius: radius.mm, angle: Number(angle) });
    }
    if (places.length === 0) return 'Type at least one line, e.g. 24; 15.';
    if (places.length > 10_000) return 'At most 10000 lines; split the work into several patterns.';
    onChange({ ...polar, places });
    return undefined;
  };
  return (
    <View style={{ gap: 12 }}>
      <PointFields label="Centre" at={polar.centre} unit={unit} onChange={(centre) => onChange({ ...polar, centre })} />
      <TableField
        label="Distances and angles"
        hint={`One line per hole: distance in ${unit}; angle in degrees.`}
        shown={polar.places.map(({ radius, angle }) => `${plain(radius, unit)}; ${angle}`).join('\n')}
        onTake={take}
      />
    </View>
  );
}

/** Holes one by one, a line each: typed, or pasted from a table. */
export function PointsFields({ points, unit, onChange }: ListFieldsProps<Points> & { points: Points }) {
  const take = (text: string): string | undefined => {
    try {
      const headed = /^\s*x\s*[;\t]/i.test(text) ? text : `x; y; diameter; depth; note\n${text}`;
      const { holes } = holesFromCsv(headed.replaceAll('\t', ';'), unit);
      if (holes.length > 10_000) return 'At most 10000 lines; split the work into several patterns.';
      onChange(
        holes.map(({ x, y, diameter, depth, note }) => ({
          x,
          y,
          ...(diameter !== undefined && { diameter }),
          ...(depth !== undefined && { depth }),
          ...(note !== undefined && { note }),
        })),
      );
      return undefined;
    } catch (error) {
      if (error instanceof Refusal) return error.message;
      throw error;
    }
  };
  const shown = points
    .map(({ x, y, diameter, depth, note }) =>
      [
        plain(x, unit),
        plain(y, unit),
        diameter === undefined ? '' : plain(diameter, unit),
        depth === undefined ? '' : plain(depth, unit),
        note ?? '',
      ]
        .filter((_, i, all) => all.slice(i).some((one) => one !== ''))
        .join('; '),
    )
    .join('\n');
  return (
    <TableField
      label="Points"
      hint={`One line per hole, in ${unit}: X; Y, then diameter; depth; note if different.`}
      shown={shown}
      onTake={take}
    />
  );
}
