import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { Between, Contact } from '@zero-point/core/practice/mill/millSpec';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { formatLength } from '@zero-point/core/units/formatLength';
import { Button } from 'react-native-paper';
import { AppText } from '../../theme/AppText';
import { TickBox } from '../../controls/TickBox';
import { useSettings } from '../../stores/settings';
import { Choice } from '../../controls/Choice';
import { FromTray } from './FromTray';

/** By steps of so much, or by turning the wheels. */
export type MovingMode = 'steps' | 'wheels';

interface TrayProps {
  contacts: readonly Contact[];
  betweens: readonly Between[];
  held: Contact | undefined;
  between: Between | undefined;
  /** What the caliper said of it, mm. */
  caliper: number | undefined;
  unit: LengthUnit;
  onAct: (what: MillAct) => void;
}

/** What is in the spindle, and in the other hand. Drawn again only when one of these changes. */
export const Tray = memo(function Tray({ contacts, betweens, held, between, caliper, unit, onAct }: TrayProps) {
  return (
    <>
      <View style={styles.tray}>
        <FromTray
          label="In the spindle"
          short="Spindle"
          things={contacts}
          chosen={held}
          onChoose={(contact) => onAct({ do: 'hold', contact })}
        />
        {betweens.length > 0 && (
          <FromTray
            label="In your other hand"
            short="Hand"
            things={betweens}
            chosen={between}
            onChoose={(next) => onAct({ do: 'put', between: next })}
          />
        )}
      </View>
      {between?.kind === 'plate' && between.thinner && (
        <View style={styles.tray}>
          <Button compact mode="outlined" onPress={() => onAct({ do: 'caliper' })}>
            Measure it by caliper
          </Button>
          {caliper !== undefined && (
            <View role="status" style={styles.says}>
              <AppText>{`${formatLength(caliper, { unit, decimals: unit === 'mm' ? 2 : 4 })} ${unit}`}</AppText>
            </View>
          )}
        </View>
      )}
    </>
  );
});

const SPEEDS = ['0', '100', '1000', '2500'] as const;

interface InSpindlePanelProps {
  rpm: number;
  /** How it is moved; undefined where nothing of it can be. */
  by: MovingMode | undefined;
  onAct: (what: MillAct) => void;
  onBy: (by: MovingMode) => void;
}

/** The spindle's speed, and how the axes are moved. */
export const InSpindlePanel = memo(function InSpindlePanel({ rpm, by, onAct, onBy }: InSpindlePanelProps) {
  const heard = useSettings((state) => state.millSound);
  const hear = useSettings((state) => state.setMillSound);
  return (
    <>
      <Choice
        label="Spindle, rpm"
        value={SPEEDS.find((one) => Number(one) === rpm) ?? '0'}
        options={SPEEDS.map((value) => ({ value, label: value === '0' ? 'off' : value }))}
        onChange={(next) => onAct({ do: 'spin', rpm: Number(next) })}
      />
      {by !== undefined && (
        <Choice
          label="Moved by"
          value={by}
          options={[
            { value: 'steps', label: 'Steps' },
            { value: 'wheels', label: 'Handwheels' },
          ]}
          onChange={onBy}
        />
      )}
      <TickBox label="Mill sound on" ticked={heard} onTick={() => hear(!heard)} />
    </>
  );
});

const styles = StyleSheet.create({
  tray: { flexDirection: 'row', gap: 8 },
  says: { justifyContent: 'center' },
});
