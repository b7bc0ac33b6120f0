import type { Calibrated, VoidedBy } from '@zero-point/core/records/shop/calibration';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { calibrate } from '../commands/calibrate';
import { AppText } from '../theme/AppText';
import { Fold } from '../answer/Fold';

const BUTTONS: Readonly<Record<VoidedBy, string>> = {
  crash: 'It was in a crash',
  dropped: 'It was dropped',
  'new-stylus': 'It has a new stylus',
  repaired: 'It was repaired or adjusted',
};

interface VoidItProps {
  of: Calibrated;
  name: string;
  ways: readonly VoidedBy[];
  /** What it is called, where that is otherwise with such a thing. */
  buttons?: Partial<Record<VoidedBy, string>>;
  /** What counts no more, and until when. */
  said?: string;
  title?: string;
  /** The setup whose page it stands on. */
  shownIn?: string;
}

const usualWords = (name: string): string =>
  `the calibration of ${name} is no longer valid until it is calibrated again. Earlier touches keep it.`;

/** It was damaged or changed: from now on nothing known of it counts as sure, until it is found again. */
export function VoidCalibration({
  of,
  name,
  ways,
  buttons = {},
  said = usualWords(name),
  title = 'It was damaged or changed',
  shownIn,
}: VoidItProps) {
  const [why, setWhy] = useState<VoidedBy>();
  const named = (way: VoidedBy) => buttons[way] ?? BUTTONS[way];
  return (
    <Fold title={title}>
      {why === undefined ? (
        <View style={styles.buttons}>
          {ways.map((way) => (
            <Button key={way} mode="outlined" onPress={() => setWhy(way)}>
              {named(way)}
            </Button>
          ))}
        </View>
      ) : (
        <View style={styles.list}>
          <AppText live>{`${named(why)}: ${said}`}</AppText>
          <View style={styles.buttons}>
            <Button
              mode="contained"
              onPress={() => {
                calibrate(of, { what: 'void', why }, { ...(shownIn !== undefined && { shownIn }) });
                setWhy(undefined);
              }}
            >
              Yes, from now on
            </Button>
            <Button mode="outlined" onPress={() => setWhy(undefined)}>
              No, leave it
            </Button>
          </View>
        </View>
      )}
    </Fold>
  );
}

const styles = StyleSheet.create({
  list: { gap: 10 },
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
