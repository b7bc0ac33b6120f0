import type { LinkView } from '@zero-point/core/link/linkView';
import type { DeviceCommand } from '@zero-point/core/link/message';
import type { Axis } from '@zero-point/core/schema/quantities';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { ScrollView, StyleSheet, useWindowDimensions, View } from 'react-native';
import { Button } from 'react-native-paper';
import { tellLink } from '../api/links';
import { PageDialog } from '../dialogs/PageDialog';
import { Choice } from '../controls/Choice';
import { AppText } from '../theme/AppText';
import { FromTray } from '../practice/parts/FromTray';
import { StepRow } from '../practice/parts/StepRow';

const STEPS = ['10', '1', '0.1', '0.02', '0.005'] as const;
const SPEEDS = ['0', '100', '1000'] as const;
const AXES: readonly Axis[] = ['x', 'y', 'z'];

/** Room for the title and the way out, px. */
const FRAME = 190;

/** What a simulated machine has in place of handwheels and buttons of metal. */
export default function SimulatedDeviceDialog({
  view,
  unit,
  onLeave,
}: {
  view: LinkView;
  unit: LengthUnit;
  onLeave: () => void;
}) {
  const { height } = useWindowDimensions();
  const [step, setStep] = useState<(typeof STEPS)[number]>('1');
  const [wrong, setWrong] = useState<string | undefined>(undefined);
  const { hello, position, machineId } = view;
  const tell = (what: DeviceCommand) => {
    setWrong(undefined);
    tellLink(machineId, what).catch((error: unknown) =>
      setWrong(error instanceof Error ? error.message : String(error)),
    );
  };
  const tray = hello?.tray ?? [];
  const inSpindle = tray.filter(({ goes }) => goes === 'spindle');
  const inHand = tray.filter(({ goes }) => goes === 'hand');
  const says = position?.says ?? '';
  return (
    <PageDialog title={hello?.name ?? 'Handwheels'} leave="Back to the page" onLeave={onLeave}>
      <ScrollView style={{ maxHeight: Math.max(200, height - FRAME) }} contentContainerStyle={styles.inside}>
        <AppText kind="sentence" tone={position?.felt ? 'brass' : 'ink'} live>
          {says}
        </AppText>
        <View style={styles.tray}>
          <FromTray
            label="In the spindle"
            short="Spindle"
            things={inSpindle}
            chosen={inSpindle.find(({ id }) => id === position?.holds?.spindle)}
            onChoose={(contact) => tell({ do: 'act', act: { do: 'hold', contact } })}
          />
          {inHand.length > 0 && (
            <FromTray
              label="In your other hand"
              short="Hand"
              things={inHand}
              chosen={inHand.find(({ id }) => id === position?.holds?.hand)}
              onChoose={(between) => tell({ do: 'act', act: { do: 'put', between } })}
            />
          )}
        </View>
        {AXES.map((axis) => (
          <StepRow
            key={axis}
            axis={axis}
            mm={position?.at[axis] ?? 0}
            unit={unit}
            step={Number(step)}
            onStep={(by) => tell({ do: 'act', act: { do: 'move', axis, by } })}
          />
        ))}
        <Choice
          label="One press moves, mm"
          value={step}
          options={STEPS.map((value) => ({ value, label: value }))}
          onChange={setStep}
        />
        <Choice
          label="Spindle, rpm"
          value={SPEEDS.find((one) => Number(one) === position?.rpm) ?? '0'}
          options={SPEEDS.map((value) => ({ value, label: value === '0' ? 'off' : value }))}
          onChange={(rpm) => tell({ do: 'act', act: { do: 'spin', rpm: Number(rpm) } })}
        />
        {hello?.kind === 'controller' ? (
          <View style={styles.tray}>
            <Button mode="outlined" onPress={() => tell({ do: 'home' })}>
              Home it
            </Button>
            {PROBES.map(({ label, axis, way }) => (
              <Button key={label} mode="outlined" compact onPress={() => tell({ do: 'probe', axis, way })}>
                {label}
              </Button>
            ))}
          </View>
        ) : (
          <Button mode="outlined" onPress={() => tell({ do: 'press' })}>
            Press its Send key
          </Button>
        )}
        {wrong !== undefined && (
          <View role="alert">
            <AppText tone="bad">{wrong}</AppText>
          </View>
        )}
        {view.notes.map(
          (note) =>
            note.code === 'trouble' && (
              <AppText key="trouble" tone="warn">
                {note.says}
              </AppText>
            ),
        )}
      </ScrollView>
    </PageDialog>
  );
}

const PROBES = [
  { label: 'Probe X+', axis: 'x', way: 1 },
  { label: 'Probe X−', axis: 'x', way: -1 },
  { label: 'Probe Y+', axis: 'y', way: 1 },
  { label: 'Probe Y−', axis: 'y', way: -1 },
  { label: 'Probe Z−', axis: 'z', way: -1 },
] as const;

const styles = StyleSheet.create({
  inside: { gap: 10, paddingBottom: 6 },
  tray: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
