import type { LengthUnit } from '@zero-point/core/units/unit';
import { useState } from 'react';
import { Button } from 'react-native-paper';
import { PageDialog } from '../dialogs/PageDialog';
import { LengthEntry } from '../keypad/LengthEntry';

interface ShownDialogProps {
  title: string;
  label: string;
  unit: LengthUnit;
  /** Keeps what was typed; gives back what is wrong with it instead. */
  onKeep: (text: string) => string | undefined;
  onLeave: () => void;
}

/** Asks for the figure that stands on the machine instead of the one that was meant. */
export function ShownFigureDialog({ title, label, unit, onKeep, onLeave }: ShownDialogProps) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>(undefined);
  const keep = () => {
    const wrong = onKeep(text);
    setError(wrong);
    if (wrong === undefined) onLeave();
  };
  return (
    <PageDialog title={title} leave="Back" onLeave={onLeave}>
      <LengthEntry
        label={label}
        unit={unit}
        text={text}
        onChange={(value) => {
          setText(value);
          setError(undefined);
        }}
        onSubmit={keep}
        error={error}
        ownKeypad={false}
      />
      <Button mode="contained" onPress={keep}>
        It shows this
      </Button>
    </PageDialog>
  );
}
