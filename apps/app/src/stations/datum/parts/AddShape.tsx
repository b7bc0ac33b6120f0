import type { PartShape } from '@zero-point/core/records/shop/part';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { zeroOf } from '@zero-point/core/datum/partFrame';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { Choice } from '../../../controls/Choice';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, TextField } from '../../../keypad/Fields';
import { addShape } from '../commands';

type Kind = PartShape['kind'];

const KINDS: readonly { value: Kind; label: string }[] = [
  { value: 'bore', label: 'bore' },
  { value: 'boss', label: 'round boss' },
  { value: 'pocket', label: 'slot or pocket' },
  { value: 'block', label: 'rib or web' },
];

/** Draws something on the part that is not there yet, so that it can be tapped. */
export function AddShape({ book, onDone }: { book: SetupState; onDone: () => void }) {
  const { part, setup } = book;
  const unit = setup.units;
  const zero = zeroOf(part, setup.partZero);
  const [kind, setKind] = useState<Kind>('bore');
  const [name, setName] = useState('');
  const [at, setAt] = useState({ x: part.size.x / 2 - zero.x, y: part.size.y / 2 - zero.y });
  const [size, setSize] = useState({ x: 20, y: 20 });
  const round = kind === 'bore' || kind === 'boss';
  const label = KINDS.find(({ value }) => value === kind)?.label ?? kind;
  const positive = (mm: number) => (mm > 0 ? undefined : 'It must be greater than zero.');
  const keep = () => {
    const middle = { x: at.x + zero.x, y: at.y + zero.y };
    const named = { id: uuidv7(), name: name === '' ? label : name };
    addShape(
      book,
      round
        ? { kind, ...named, at: middle, diameter: size.x }
        : {
            kind,
            ...named,
            from: { x: middle.x - size.x / 2, y: middle.y - size.y / 2 },
            to: { x: middle.x + size.x / 2, y: middle.y + size.y / 2 },
          },
    );
    onDone();
  };
  return (
    <View style={{ gap: 10 }}>
      <Choice label="What" value={kind} options={KINDS} onChange={setKind} />
      <FieldRow>
        <LengthField label="Centre X from part zero" unit={unit} value={at.x} onCommit={(x) => setAt({ ...at, x })} />
        <LengthField label="Centre Y from part zero" unit={unit} value={at.y} onCommit={(y) => setAt({ ...at, y })} />
      </FieldRow>
      {round ? (
        <LengthField
          label="Diameter"
          unit={unit}
          value={size.x}
          onCommit={(x) => setSize({ ...size, x })}
          check={positive}
        />
      ) : (
        <FieldRow>
          <LengthField
            label="Size along X"
            unit={unit}
            value={size.x}
            onCommit={(x) => setSize({ ...size, x })}
            check={positive}
          />
          <LengthField
            label="Size along Y"
            unit={unit}
            value={size.y}
            onCommit={(y) => setSize({ ...size, y })}
            check={positive}
          />
        </FieldRow>
      )}
      <TextField label="Name" hint="Its name in the working." value={name} onCommit={setName} />
      <Button mode="outlined" onPress={keep}>
        Draw it on the part
      </Button>
    </View>
  );
}
