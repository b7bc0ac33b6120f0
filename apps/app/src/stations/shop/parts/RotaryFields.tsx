import type { RotaryAxis } from '@zero-point/core/records/shop/machine';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Choice } from '../../../controls/Choice';
import { LinkButton } from '../../../controls/LinkButton';
import { AngleField } from '../../../keypad/Fields';
import { AppText } from '../../../theme/AppText';

interface RotaryFieldsProps {
  machineId: string;
  rotary: readonly RotaryAxis[];
  onChange: (rotary: RotaryAxis[]) => void;
}

const NAMES = ['A', 'B', 'C'] as const;
const ABOUT = { A: 'about X', B: 'about Y', C: 'about Z' } as const;

/** The rotary axes a machine has, the one the part stands on first, and how far each goes. */
export function RotaryFields({ machineId, rotary, onChange }: RotaryFieldsProps) {
  const free = NAMES.filter((name) => !rotary.some((axis) => axis.name === name));
  const put = (changed: RotaryAxis) => onChange(rotary.map((axis) => (axis.name === changed.name ? changed : axis)));
  return (
    <View style={{ gap: 14 }}>
      {rotary.length > 1 && (
        <AppText>{`The part is on ${rotary[0]?.name ?? ''}; ${rotary
          .slice(1)
          .map(({ name }) => name)
          .join(', then ')} carries that.`}</AppText>
      )}
      {rotary.length > 1 && (
        <Button mode="outlined" onPress={() => onChange([...rotary].reverse())} style={{ alignSelf: 'flex-start' }}>
          The other way round
        </Button>
      )}
      {rotary.map((axis) => (
        <View key={axis.name} style={{ gap: 10 }}>
          <AppText style={{ fontWeight: '700' }}>
            {axis.name}, {ABOUT[axis.name]}
          </AppText>
          <LinkButton
            to={`/shop/machines/${machineId}?axis=${axis.name}`}
            label={`${axis.name}: which way it counts, and where it turns`}
          />
          <Choice
            label="It goes"
            value={axis.limits ? 'limits' : 'round'}
            options={[
              { value: 'round', label: 'no limits, turns endlessly' },
              { value: 'limits', label: 'between limits' },
            ]}
            onChange={(goes) =>
              put({ name: axis.name, sense: axis.sense, ...(goes === 'limits' && { limits: { from: -90, to: 90 } }) })
            }
          />
          {axis.limits && (
            <View style={{ flexDirection: 'row', gap: 12 }}>
              <AngleField
                label="From"
                hint="Lower limit."
                value={axis.limits.from}
                onCommit={(from) => put({ ...axis, limits: { from, to: axis.limits?.to ?? 90 } })}
                check={(from) => (from < (axis.limits?.to ?? 90) ? undefined : 'It must be under the upper limit.')}
              />
              <AngleField
                label="To"
                hint="Upper limit."
                value={axis.limits.to}
                onCommit={(to) => put({ ...axis, limits: { from: axis.limits?.from ?? -90, to } })}
                check={(to) => (to > (axis.limits?.from ?? -90) ? undefined : 'It must be over the lower limit.')}
              />
            </View>
          )}
          <Button
            mode="text"
            onPress={() => onChange(rotary.filter(({ name }) => name !== axis.name))}
            style={{ alignSelf: 'flex-start' }}
          >
            It has no {axis.name}
          </Button>
        </View>
      ))}
      <View style={{ flexDirection: 'row', gap: 8, flexWrap: 'wrap' }}>
        {free.map((name) => (
          <Button mode="outlined" key={name} onPress={() => onChange([...rotary, { name, sense: 1 }])}>
            Add {name}, {ABOUT[name]}
          </Button>
        ))}
      </View>
    </View>
  );
}
