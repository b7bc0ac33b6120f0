import { printWorking, type PrintedLine, type PrintedSection } from '@zero-point/core/working/printWorking';
import type { Working } from '@zero-point/core/working/working';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { Fragment } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { useLook } from '../theme/useLook';
import { Figure, AppText } from '../theme/AppText';

interface TapeStripProps {
  tape: Working;
  unit: LengthUnit;
}

const TOOTH = 8;

/** The reckoning as a paper strip: reason on the left, figures to the right, a rule above each sum. */
export function WorkingStrip({ tape, unit }: TapeStripProps) {
  const { palette } = useLook();
  return (
    <View role="group" aria-label="Working" style={{ maxWidth: 480 }}>
      <TornEdge colour={palette.strip} />
      <View style={{ backgroundColor: palette.strip, paddingHorizontal: 14, paddingBottom: 12 }}>
        {printWorking(tape, { unit }).map((section) => (
          <Section key={section.title} section={section} />
        ))}
      </View>
    </View>
  );
}

function Section({ section }: { section: PrintedSection }) {
  const { palette } = useLook();
  const ink = { color: palette.onStrip };
  return (
    <View style={{ paddingTop: 10 }}>
      <View style={{ flexDirection: 'row', justifyContent: 'space-between' }}>
        <AppText kind="note" style={[ink, { fontWeight: '700' }]}>
          {section.title}
        </AppText>
        <AppText kind="note" style={ink}>
          {section.unit}
        </AppText>
      </View>
      {section.lines.map((line, i) => (
        <Fragment key={`${line.label} ${i}`}>
          <Line line={line} />
        </Fragment>
      ))}
      <View style={{ alignSelf: 'flex-end', width: 128, borderTopWidth: 2, borderColor: palette.onStrip }} />
      <Line line={section.total} strong />
    </View>
  );
}

function Line({ line, strong = false }: { line: PrintedLine; strong?: boolean }) {
  const { palette } = useLook();
  const ink = { color: palette.onStrip };
  return (
    <View style={{ flexDirection: 'row', justifyContent: 'space-between', gap: 10, paddingVertical: 1 }}>
      <AppText kind="note" style={[ink, { flex: 1, fontWeight: strong ? '700' : '400' }]}>
        {line.label}
        {line.detail === '' ? '' : ` (${line.detail})`}
      </AppText>
      <Figure size={17} style={[ink, { fontWeight: strong ? '700' : '500' }]}>
        {line.figure}
      </Figure>
    </View>
  );
}

/** The strip was torn off: a row of teeth above the paper. */
function TornEdge({ colour }: { colour: string }) {
  const teeth = Array.from({ length: 61 }, (_, i) => `L${i * TOOTH} ${i % 2 ? 0 : TOOTH / 2}`).join(' ');
  return (
    <Svg width="100%" height={TOOTH / 2} viewBox={`0 0 480 ${TOOTH / 2}`} preserveAspectRatio="none" aria-hidden>
      <Path d={`M0 ${TOOTH / 2} ${teeth} L480 ${TOOTH / 2} Z`} fill={colour} />
    </Svg>
  );
}
