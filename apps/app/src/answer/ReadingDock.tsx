import type { LengthUnit } from '@zero-point/core/units/unit';
import { useEffect, useRef, useState } from 'react';
import { View, type TextInput } from 'react-native';
import { MainAction } from '../frame/MainAction';
import { Press } from '../frame/Press';
import { useWide } from '../frame/useWide';
import { Keypad } from '../keypad/Keypad';
import { LengthEntry } from '../keypad/LengthEntry';
import { Words } from '../theme/Words';

interface ReadingDockProps {
  /** What the number is: "X on the readout". */
  label: string;
  unit: LengthUnit;
  /** Logs the text; says what is wrong with it instead. */
  onLog: (text: string) => string | undefined;
  /** Something else to do when nothing is typed. */
  next: { label: string; onPress: () => void } | undefined;
  /** Why nothing can be logged yet. */
  blocked?: string | undefined;
  /** What is typed, where something else on the page shows or changes it too. */
  draft?: { text: string; setText: (text: string) => void };
}

/** Entry, keypad and the one action. A text that is refused stays as it was typed. */
export function ReadingDock({ label, unit, onLog, next, blocked, draft }: ReadingDockProps) {
  const wide = useWide();
  const [ownText, setOwnText] = useState('');
  const { text, setText } = draft ?? { text: ownText, setText: setOwnText };
  const [error, setError] = useState<string | undefined>(undefined);
  const [system, setSystem] = useState(false);
  const field = useRef<TextInput>(null);

  useEffect(() => {
    if (wide && !blocked) field.current?.focus();
  }, [wide, label, blocked]);

  const change = (value: string) => {
    setText(value);
    setError(undefined);
  };
  const log = () => {
    const wrong = blocked ?? onLog(text);
    setError(wrong);
    if (wrong === undefined) setText('');
  };
  const offerNext = next && text === '';
  return (
    <View style={{ gap: 6 }}>
      <LengthEntry
        ref={field}
        label={label}
        unit={unit}
        text={text}
        onChange={change}
        onSubmit={log}
        error={error}
        ownKeypad={!wide && !system}
      />
      {!wide && !system && <Keypad unit={unit} text={text} onChange={change} />}
      <MainAction label={offerNext ? next.label : 'Log this reading'} onPress={offerNext ? next.onPress : log} />
      {!wide && system && (
        <Press look="bare" onPress={() => setSystem(false)}>
          <Words kind="note">Use the shop keypad</Words>
        </Press>
      )}
    </View>
  );
}
