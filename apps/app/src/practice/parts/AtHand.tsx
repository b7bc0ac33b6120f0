import type { MillAct } from '@zero-point/core/practice/mill/millAct';
import type { Between, Contact } from '@zero-point/core/practice/mill/spec';
import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { formatLength } from '@zero-point/core/units/formatLength';
import { Button } from 'react-native-paper';
import { Words } from '../../theme/Words';
import { Choice } from '../../frame/Choice';
import { FromTray } from './FromTray';

/** By steps of so much, or by turning the wheels. */
export type MovedBy = 'steps' | 'wheels';

interface AtHandProps {
  contacts: readonly Contact[];
  betweens: readonly Between[];
  rpm: number;
  held: Contact | undefined;
  between: Between | undefined;
  /** What the caliper said of it, mm. */
  caliper: number | undefined;
  by: MovedBy;
  onAct: (what: MillAct) => void;
  onBy: (by: MovedBy) => void;
}

const SPEEDS = ['0', '100', '1000', '2500'] as const;

/** What a hand does at the mill beside moving it: spindle, tray, and how it is moved. Drawn anew only when one of these changes. */
export const AtHand = memo(function AtHand({
  contacts,
  betweens,
  rpm,
  held,
  between,
  caliper,
  by,
  onAct,
  onBy,
}: AtHandProps) {
  return (
    <>
      <Choice
        label="Spindle, rev/min"
        value={SPEEDS.find((one) => Number(one) === rpm) ?? '0'}
        options={SPEEDS.map((value) => ({ value, label: value === '0' ? 'off' : value }))}
        onChange={(next) => onAct({ do: 'spin', rpm: Number(next) })}
      />
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
            label="In the other hand"
            short="Hand"
            things={betweens}
            chosen={between}
            onChoose={(next) => onAct({ do: 'put', between: next })}
          />
        )}
      </View>
      {between?.kind === 'plate' && (
        <View style={styles.tray}>
          <Button compact mode="outlined" onPress={() => onAct({ do: 'caliper' })}>
            Measure it by caliper
          </Button>
          {caliper !== undefined && (
            <View role="status" style={styles.says}>
              <Words>{`${formatLength(caliper, { unit: 'mm', decimals: 2 })} mm`}</Words>
            </View>
          )}
        </View>
      )}
      <Choice
        label="It is moved by"
        value={by}
        options={[
          { value: 'steps', label: 'Steps' },
          { value: 'wheels', label: 'Handwheels' },
        ]}
        onChange={onBy}
      />
    </>
  );
});

const styles = StyleSheet.create({
  tray: { flexDirection: 'row', gap: 8 },
  says: { justifyContent: 'center' },
});
