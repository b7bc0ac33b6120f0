import type { Caution } from '@zero-point/core/cautions/caution';
import { Pressable, View } from 'react-native';
import { spaceBar } from '../frame/spaceBar';
import { useLook } from '../theme/useLook';
import { Words } from '../theme/Words';

interface CautionsProps {
  cautions: readonly Caution[];
  ticked: readonly string[];
  onTick: (id: string) => void;
}

/** Cautions where they apply; those where a miss hurts have a box that must be ticked by hand. */
export function Cautions({ cautions, ticked, onTick }: CautionsProps) {
  const { palette } = useLook();
  return (
    <View style={{ gap: 6 }}>
      {cautions.map((caution) =>
        caution.mustTick ? (
          <Pressable
            key={caution.id}
            role="checkbox"
            aria-checked={ticked.includes(caution.id)}
            aria-label={caution.text}
            onPress={() => onTick(caution.id)}
            {...spaceBar(() => onTick(caution.id))}
            style={{
              flexDirection: 'row',
              gap: 12,
              minHeight: 48,
              padding: 10,
              borderWidth: 2,
              borderRadius: 8,
              borderColor: palette.warn,
              backgroundColor: palette.surface,
              alignItems: 'center',
            }}
          >
            <View
              style={{
                width: 30,
                height: 30,
                borderWidth: 2.5,
                borderColor: palette.ink,
                borderRadius: 5,
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              <Words kind="sentence">{ticked.includes(caution.id) ? '✓' : ''}</Words>
            </View>
            <Words style={{ flex: 1 }}>{caution.text}</Words>
          </Pressable>
        ) : (
          <Words key={caution.id} kind="note" tone="soft">
            △ {caution.text}
          </Words>
        ),
      )}
    </View>
  );
}
