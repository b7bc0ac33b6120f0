import type { LengthUnit } from '@zero-point/core/units/unit';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { MainAction } from '../frame/MainAction';
import { Press } from '../frame/Press';
import { useWide } from '../frame/useWide';
import { Words } from '../theme/Words';
import type { FormView } from '@zero-point/core/words/formView';
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
  onDone: (form: FormView) => void;
  blocked?: string | undefined;
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
  onDone,
  blocked,
  gate,
}: TouchDockProps) {
  const wide = useWide();
  const { form } = page;
  const entry = { label, acrossLabel, dial: dial ?? false, unit, onLog, blocked };
  if (wide) {
    return (
      <View style={{ gap: 12 }}>
        {gate}
        <ReadingDock {...entry} next={undefined} />
      </View>
    );
  }
  if (page.showing === 'answer') {
    return (
      <View style={{ gap: 8 }}>
        <Press onPress={() => page.show('entry')} style={{ alignItems: 'center' }}>
          <Words>Take another reading</Words>
        </Press>
        {form && <MainAction label={form.done} onPress={() => onDone(form)} />}
      </View>
    );
  }
  if (gate) return <View style={{ gap: 8 }}>{gate}</View>;
  const next = forms.length > 0 ? { label: 'Show the answer', onPress: () => page.show('answer') } : undefined;
  return <ReadingDock {...entry} next={next} />;
}
