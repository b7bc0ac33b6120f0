import { feel } from '@zero-point/core/practice/mill/contact';
import { feelWords } from '@zero-point/core/practice/words';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { Approach, Axis } from '@zero-point/core/schema/quantities';
import { useCallback, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Choice } from '../../frame/Choice';
import { useKeys } from '../../frame/useKeys';
import { useShape } from '../../frame/useShape';
import { useLook } from '../../theme/useLook';
import { Words } from '../../theme/Words';
import { usePractice, type Running } from '../../stores/practice';
import { AxisRow } from './AxisRow';
import { Handwheels } from './Handwheels';
import { AtHand, type MovedBy } from './AtHand';
import { MillViews } from './MillViews';
import { SetDialog } from './SetDialog';

const STEPS = ['10', '1', '0.1', '0.02', '0.002'] as const;
/** What a key moves, by one step. */
const MOVES: Readonly<Record<string, { axis: Axis; way: Approach }>> = {
  ArrowLeft: { axis: 'x', way: -1 },
  ArrowRight: { axis: 'x', way: 1 },
  ArrowDown: { axis: 'y', way: -1 },
  ArrowUp: { axis: 'y', way: 1 },
  PageDown: { axis: 'z', way: -1 },
  PageUp: { axis: 'z', way: 1 },
};
const AXES: readonly Axis[] = ['x', 'y', 'z'];

/** The practice mill: what is seen, what is felt, what the scales show, and everything a hand does at it. */
export function MillPanel({ running }: { running: Running }) {
  const { palette } = useLook();
  const [step, setStep] = useState<(typeof STEPS)[number]>('1');
  const [setting, setSetting] = useState<Axis>();
  const [by, setBy] = useState<MovedBy>(running.mill.spec.reads === 'screw' ? 'wheels' : 'steps');
  const { id, mill } = running;
  const { contacts, betweens } = mill.spec;
  const onAct = useCallback((what: MillAct) => usePractice.getState().do(id, what), [id]);
  const shape = useShape();
  const wide = shape === 'wide';
  useKeys((key) => {
    const move = MOVES[key];
    if (wide && move && !setting) onAct({ do: 'move', axis: move.axis, by: move.way * Number(step) });
  });
  const felt = feel(mill);
  const sure = felt === 'found' || mill.broken !== undefined || felt === 'past';
  return (
    <View style={[styles.panel, shape === 'side' && styles.side, { backgroundColor: palette.ground }]}>
      <View style={styles.seen}>
        <MillViews mill={mill} height="fill" />
        <View style={styles.felt}>
          <Words kind="sentence" tone={mill.broken ? 'bad' : sure ? 'brass' : 'ink'} live>
            {`${mill.broken ? '✗ ' : felt === 'found' ? '✓ ' : ''}${feelWords(mill, felt)}`}
          </Words>
        </View>
      </View>
      <ScrollView style={shape === 'side' ? styles.beside : styles.controls} contentContainerStyle={styles.inside}>
        {by === 'wheels' && <Handwheels mill={mill} onAct={onAct} onSet={setSetting} />}
        {by === 'steps' &&
          AXES.map((axis) => (
            <AxisRow
              key={axis}
              mill={mill}
              axis={axis}
              step={Number(step)}
              onAct={onAct}
              onSet={() => setSetting(axis)}
            />
          ))}
        {by === 'steps' && (
          <Choice
            label="One press goes, mm"
            value={step}
            options={STEPS.map((value) => ({ value, label: value }))}
            onChange={setStep}
          />
        )}
        <AtHand
          contacts={contacts}
          betweens={betweens}
          rpm={mill.rpm}
          held={mill.held}
          between={mill.between}
          caliper={mill.caliper?.of === mill.between?.id ? mill.caliper?.value : undefined}
          by={by}
          onAct={onAct}
          onBy={setBy}
        />
      </ScrollView>
      {setting && (
        <SetDialog
          axis={setting}
          collar={mill.spec.reads === 'screw'}
          onSet={(value) => {
            onAct({ do: 'set', axis: setting, value });
            setSetting(undefined);
          }}
          onLeave={() => setSetting(undefined)}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { flex: 1, minHeight: 0 },
  side: { flexDirection: 'row' },
  seen: { flex: 1, minWidth: 0, minHeight: 128 },
  beside: { width: 400, flexGrow: 0 },
  felt: { paddingHorizontal: 12, paddingVertical: 6 },
  controls: { flexGrow: 0, flexShrink: 1 },
  inside: { paddingHorizontal: 10, paddingBottom: 10, gap: 6 },
});
