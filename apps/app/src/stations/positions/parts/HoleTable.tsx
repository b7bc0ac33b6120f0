import type { Hole } from '@zero-point/core/book/holes';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { FlatList, View } from 'react-native';
import { Press } from '../../../frame/Press';
import { useLook } from '../../../theme/useLook';
import { Figure, Words } from '../../../theme/Words';

interface HoleTableProps {
  holes: readonly Hole[];
  unit: LengthUnit;
  chosen: number;
  /** Numbers of the holes of which every step is done. */
  done: ReadonlySet<number>;
  onChoose: (hole: number) => void;
}

const ROW = 48;

/** Where every hole is, from part zero. Only the rows in sight are laid out, so 10,000 stay quick. */
export function HoleTable({ holes, unit, chosen, done, onChoose }: HoleTableProps) {
  const { palette } = useLook();
  return (
    <View role="table" aria-label="Positions" aria-rowcount={holes.length + 1}>
      <View role="row" style={{ flexDirection: 'row', paddingHorizontal: 12, paddingBottom: 4 }}>
        {['Hole', `X ${unit}`, `Y ${unit}`, `⌀ ${unit}`].map((title, i) => (
          <View key={title} role="columnheader" style={{ flex: i === 0 ? 0.75 : 1 }}>
            <Words kind="note" tone="soft" style={{ textAlign: i === 0 ? 'left' : 'right' }}>
              {title}
            </Words>
          </View>
        ))}
      </View>
      <FlatList
        role="presentation"
        data={holes}
        keyExtractor={({ hole }) => String(hole)}
        getItemLayout={(_, index) => ({ length: ROW, offset: ROW * index, index })}
        initialNumToRender={20}
        nestedScrollEnabled
        style={{ maxHeight: ROW * 8 }}
        renderItem={({ item }) => (
          <HoleRow
            hole={item}
            unit={unit}
            chosen={item.hole === chosen}
            done={done.has(item.hole)}
            line={palette.line}
            onPress={() => onChoose(item.hole)}
          />
        )}
      />
    </View>
  );
}

interface HoleRowProps {
  hole: Hole;
  unit: LengthUnit;
  chosen: boolean;
  done: boolean;
  line: string;
  onPress: () => void;
}

function HoleRow({ hole, unit, chosen, done, line, onPress }: HoleRowProps) {
  return (
    <Press
      look="bare"
      role="row"
      aria-selected={chosen}
      onPress={onPress}
      style={{
        flexDirection: 'row',
        height: ROW,
        alignItems: 'center',
        borderTopWidth: 1,
        borderColor: line,
        borderRadius: 0,
      }}
    >
      <View role="cell" style={{ flex: 0.75 }}>
        <Figure size={18} tone={chosen ? 'brass' : 'ink'}>
          {chosen ? '▸' : ' '}
          {hole.hole}
          {done ? ' ✓' : ''}
        </Figure>
      </View>
      {[formatLength(hole.x, { unit }), formatLength(hole.y, { unit }), formatLength(hole.diameter, { unit })].map(
        (figure, i) => (
          <View key={i} role="cell" style={{ flex: 1 }}>
            <Figure size={i === 2 ? 15 : 18} tone={i === 2 ? 'soft' : 'ink'} style={{ textAlign: 'right' }}>
              {figure}
            </Figure>
          </View>
        ),
      )}
    </Press>
  );
}
