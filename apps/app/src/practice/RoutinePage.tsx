import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { routineNamed } from '@zero-point/core/routines/list';
import type { RoutineSubject } from '@zero-point/core/routines/routine';
import { useLocalSearchParams } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { LinkButton } from '../controls/LinkButton';
import { TroubleNotice } from '../layout/States';
import { RoutineLinks } from '../stations/shop/calibrate/RoutineLinks';
import { RoutineScreen } from '../stations/shop/calibrate/RoutineScreen';
import { calibrationsOf, isRotaryName, rotarySubject, subjectName } from '../stations/shop/calibrate/subject';
import { AppText } from '../theme/AppText';

/** What a lesson's address names: a gauge of its tray, or a rotary axis of its machine. */
function subjectOf({ gauges, machine }: SetupState, of: string): RoutineSubject | undefined {
  if (isRotaryName(of)) return rotarySubject(machine, of);
  const gauge = gauges.find(({ id }) => id === of);
  return gauge && { kind: 'gauge', gauge };
}

/** A guided routine as a lesson's notebook: what is found of a gauge of the tray stays in the lesson. */
export default function RoutinePage({ book }: { book: SetupState }) {
  const { of, do: name } = useLocalSearchParams();
  const subject = subjectOf(book, String(of));
  const routine = subject && routineNamed(subject, String(name));
  if (subject && routine) {
    const { gauges, machine, calibrations } = book;
    return (
      <RoutineScreen
        routine={routine}
        subject={subject}
        name={subjectName(subject)}
        shop={{ gauges, machines: [machine], calibrations }}
        unit={book.setup.units}
        shownIn={book.setup.id}
      />
    );
  }
  if (!subject)
    return <TroubleNotice title="Nothing to measure here" detail="Go back to the lessons and start it again." />;
  const kept = calibrationsOf(subject, book).length > 0;
  return (
    <View style={styles.page}>
      <AppText kind="sentence">{kept ? 'Saved. Mark it, or do it again.' : 'Nothing saved yet.'}</AppText>
      <RoutineLinks subject={subject} page={`/setup/${book.setup.id}/routine?of=${String(of)}`} />
      <LinkButton to="/practice" label="To the lessons" />
    </View>
  );
}

const styles = StyleSheet.create({ page: { padding: 16, gap: 12 } });
