import type { LiveFigure } from '@zero-point/core/link/liveReading';
import type { Axis } from '@zero-point/core/schema/quantities';
import type { LengthUnit } from '@zero-point/core/units/unit';
import type { FormView } from '@zero-point/core/messages/datum/formView';
import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from 'react-native-paper';
import { MainAction } from '../controls/MainAction';
import { useWide } from '../layout/useLayoutSize';
import { ReadingDock } from './ReadingDock';
import type { TouchPage } from './useTouchPage';

interface TouchDockProps {
  page: TouchPage;
  unit: LengthUnit;
  label: string;
  acrossLabel?: string | undefined;
  /** Turns and lines of a handwheel can be typed. */
  dial?: boolean;
  forms: readonly FormView[];
  onLog: (text: string, across: string) => string | undefined;
  /** The axis that is read, whether by a cycle of the control, and how what a link shows is logged. */
  axis?: Axis | undefined;
  byControl?: boolean;
  onTake?: ((figure: LiveFigure) => string | undefined) | undefined;
  onDone: (form: FormView) => void;
  blocked?: string | undefined;
  /** What stands in the field at first: carried here from elsewhere. */
  typed?: string;
  /** What must be known before it is said that it was set. */
  ask?: ReactNode;
  /** A caution still to be ticked; on a phone it stands where the keypad will be. */
  gate?: ReactNode;
}

/** What the thumb does at a touch: log readings, then say that the axis was set. When wide, the second stands under the answer. */
export function TouchDock({
  page,
  unit,
  label,
  acrossLabel,
  dial,
  forms,
  onLog,
  axis,
  byControl = false,
  onTake,
  onDone,
  blocked,
  ask,
  gate,
  typed = '',
}: TouchDockProps) {
  const wide = useWide();
  const { form } = page;
  const entry = { label, acrossLabel, dial: dial ?? false, unit, onLog, axis, byControl, onTake, blocked, typed };
  if (wide) {
    return (
      <View style={styles.wide}>
        {gate}
        <ReadingDock {...entry} next={undefined} />
      </View>
    );
  }
  if (page.showing === 'answer') {
    return (
      <View style={styles.dock}>
        <Button mode="outlined" onPress={() => page.show('entry')}>
          Take another reading
        </Button>
        {ask}
        {form && <MainAction label={form.done} onPress={() => onDone(form)} />}
      </View>
    );
  }
  if (gate) return <View style={styles.dock}>{gate}</View>;
  const next = forms.length > 0 ? { label: 'Show the answer', onPress: () => page.show('answer') } : undefined;
  return <ReadingDock {...entry} next={next} />;
}

const styles = StyleSheet.create({ wide: { gap: 12 }, dock: { gap: 8 } });
