import { feel } from '@zero-point/core/practice/mill/contact';
import { dialShows, LINE } from '@zero-point/core/practice/mill/indicator';
import { feelText } from '@zero-point/core/practice/mistakeText';
import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { Approach, Axis } from '@zero-point/core/schema/quantities';
import { millimetresPer, type LengthUnit } from '@zero-point/core/units/unit';
import { useCallback, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Choice } from '../../controls/Choice';
import { ARROWS_TAKEN } from '../../keyboard/choiceKeys';
import { useKeys } from '../../keyboard/useKeys';
import { useLayoutSize } from '../../layout/useLayoutSize';
import { useLook } from '../../theme/useLook';
import { AppText } from '../../theme/AppText';
import { usePractice, type RunningSession } from '../../stores/practice';
import { useMillSound } from '../useMillSound';
import { AxisRow } from './AxisRow';
import { Handwheels } from './Handwheels';
import { InSpindlePanel, Tray, type MovingMode } from './MillHandControls';
import { IndicatorDial } from '../../indicator/IndicatorDial';
import { MillViews } from './MillViews';
import { SetDialog } from './SetDialog';
import { WorkHand } from './WorkHand';

/** What one press goes, as it is written in the setup's unit; the second is where it starts. */
const STEPS: Readonly<Record<LengthUnit, readonly [string, string, ...string[]]>> = {
  mm: ['10', '1', '0.1', '0.02', '0.002'],
  in: ['.5', '.05', '.005', '.001', '.0001'],
};

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

/** The dial beside what it says, with room for only one, px. */
const DIAL = 150;

/** The practice mill: what is seen, what is felt, what the scales show, and everything a hand does at it. */
export function MillPanel({ running, unit }: { running: RunningSession; unit: LengthUnit }) {
  const { palette } = useLook();
  const [chosen, setStep] = useState(1);
  const steps = STEPS[unit];
  const step = steps[chosen] ?? steps[1];
  const stepBy = Number(step) * millimetresPer(unit);
  const [setting, setSetting] = useState<Axis>();
  const [by, setBy] = useState<MovingMode>(running.mill.spec.reads === 'screw' ? 'wheels' : 'steps');
  const { id, mill } = running;
  const { contacts, betweens } = mill.spec;
  const onAct = useCallback((what: MillAct) => usePractice.getState().do(id, what), [id]);
  const shape = useLayoutSize();
  const wide = shape === 'wide';
  useKeys((key) => {
    const move = MOVES[key];
    if (wide && move && !setting) onAct({ do: 'move', axis: move.axis, by: move.way * stepBy });
  });
  const felt = feel(mill);
  useMillSound(mill.broken ? 0 : mill.rpm, felt, mill.held?.kind === 'spring-finder');
  const dial = dialShows(mill);
  const axes = AXES.filter((axis) => (mill.spec.axes ?? AXES).includes(axis));
  const sure = felt === 'found' || mill.broken !== undefined || felt === 'past';
  return (
    <View
      id={ARROWS_TAKEN}
      style={[styles.panel, shape === 'side' && styles.side, { backgroundColor: palette.ground }]}
    >
      <View style={[styles.seen, wide && dial !== undefined && styles.withDial]}>
        <MillViews mill={mill} height="fill" />
        <View style={styles.felt}>
          {wide && dial !== undefined && (
            <IndicatorDial
              face={{ perTurn: 0.4, resolution: LINE, range: 0.8, sense: 1 }}
              value={typeof dial === 'object' ? dial.mm : undefined}
              unit={unit}
              size={DIAL}
            />
          )}
          <View style={styles.words}>
            <AppText kind="sentence" tone={mill.broken ? 'bad' : sure ? 'brass' : 'ink'} live>
              {`${mill.broken ? '✗ ' : felt === 'found' ? '✓ ' : ''}${feelText(mill, felt, unit)}`}
            </AppText>
          </View>
        </View>
      </View>
      <ScrollView style={shape === 'side' ? styles.beside : styles.controls} contentContainerStyle={styles.inside}>
        <Tray
          contacts={contacts}
          betweens={betweens}
          held={mill.held}
          between={mill.between}
          caliper={mill.caliper?.of === mill.between?.id ? mill.caliper?.value : undefined}
          unit={unit}
          onAct={onAct}
        />
        {mill.spec.twoZeros && (
          <Choice
            label="The DRO counts from"
            value={mill.scale}
            options={[
              { value: 'absolute', label: 'ABS' },
              { value: 'incremental', label: 'INC' },
            ]}
            onChange={(to) => onAct({ do: 'scale', to })}
          />
        )}
        {by === 'wheels' && axes.length > 0 && (
          <Handwheels unit={unit} axes={axes} mill={mill} onAct={onAct} onSet={setSetting} />
        )}
        {by === 'steps' &&
          axes.map((axis) => (
            <AxisRow
              key={axis}
              mill={mill}
              axis={axis}
              unit={unit}
              says={step}
              step={stepBy}
              onAct={onAct}
              onSet={() => setSetting(axis)}
            />
          ))}
        {by === 'steps' && axes.length > 0 && (
          <Choice
            label={`One press moves, ${unit}`}
            value={step}
            options={steps.map((value) => ({ value, label: value }))}
            onChange={(value) => setStep(steps.indexOf(value))}
          />
        )}
        <WorkHand mill={mill} unit={unit} onAct={onAct} />
        <InSpindlePanel rpm={mill.rpm} by={axes.length > 0 ? by : undefined} onAct={onAct} onBy={setBy} />
      </ScrollView>
      {setting && (
        <SetDialog
          axis={setting}
          unit={unit}
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
  withDial: { minHeight: 110 + DIAL },
  felt: { paddingHorizontal: 12, paddingVertical: 6, flexDirection: 'row', alignItems: 'center', gap: 10 },
  words: { flex: 1, minWidth: 0 },
  controls: { flexGrow: 0, flexShrink: 1 },
  inside: { paddingHorizontal: 10, paddingBottom: 10, gap: 6 },
});
