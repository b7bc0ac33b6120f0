import { formatLengthUnit } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { View } from 'react-native';
import { plusMinus } from '@zero-point/core/messages/basis/verdict';
import { useLook } from '../../../theme/useLook';
import { Figure, AppText } from '../../../theme/AppText';
import type { Advice } from '@zero-point/core/messages/alignment/advice';

interface AdviceViewProps {
  advice: Advice;
  allowed: number;
  unit: LengthUnit;
}

const SIGN = { within: '✓', off: '✗', unsure: '~' } as const;
const TONE = { within: 'good', off: 'warn', unsure: 'warn' } as const;

/** What to do about a pass: the figures to move by, how good they are, and what stands beside them. */
export function AdviceView({ advice, allowed, unit }: AdviceViewProps) {
  const { palette } = useLook();
  return (
    <View style={{ gap: 10 }}>
      <View
        style={{
          borderWidth: 3,
          borderColor: palette.ink,
          borderRadius: 8,
          padding: 10,
          gap: 4,
          backgroundColor: palette.surface,
        }}
      >
        {advice.figures.map(({ say, figure, unit: own }, i) => (
          <View
            key={`${say} ${i}`}
            style={{
              flexDirection: 'row',
              flexWrap: 'wrap',
              alignItems: 'baseline',
              justifyContent: 'space-between',
              columnGap: 10,
            }}
          >
            <AppText>{say}</AppText>
            <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 6 }}>
              <Figure size={i === 0 ? 32 : 22}>{figure}</Figure>
              {own !== '' && (
                <Figure size={16} tone="soft">
                  {own}
                </Figure>
              )}
            </View>
          </View>
        ))}
      </View>
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <AppText kind="sentence" tone={TONE[advice.state]}>
          {SIGN[advice.state]}
        </AppText>
        <AppText tone={TONE[advice.state]} style={{ flex: 1, fontWeight: '700' }}>
          {advice.error === 0 && advice.figures.length > 0 && advice.state === 'within'
            ? `Good to ${plusMinus(advice.uncertainty.U, unit)}; this job allows ${plusMinus(allowed, unit)}.`
            : verdict(advice, allowed, unit)}
        </AppText>
      </View>
      {advice.notes.map((note) => (
        <AppText key={note} kind="note" tone="soft">
          {note}
        </AppText>
      ))}
    </View>
  );
}

function verdict({ state, error, uncertainty }: Advice, allowed: number, unit: LengthUnit): string {
  const out = `out by ${formatLengthUnit(Math.abs(error), { unit })} ${plusMinus(uncertainty.U, unit)}`;
  const may = plusMinus(allowed, unit);
  switch (state) {
    case 'within':
      return `In line: ${out}, and together that is within the ${may} allowed.`;
    case 'off':
      return `Not yet: ${out}, where ${may} is allowed.`;
    case 'unsure':
      return `Not confirmed: ${out}, where ${may} is allowed.`;
  }
}
