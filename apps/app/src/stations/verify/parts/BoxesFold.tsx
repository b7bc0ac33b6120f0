import type { SetupState } from '@zero-point/core/state/basis/setupState';
import type { Obstacle, Obstacles } from '@zero-point/core/records/setup/obstacles';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Surface } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { Fold } from '../../../answer/Fold';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, TextField } from '../../../keypad/Fields';
import { saveInSetup } from '../../../commands/logEntry';
import { useLook } from '../../../theme/useLook';
import { AppText } from '../../../theme/AppText';
import { BoxesDrawing } from './BoxesDrawing';

/** A clamp as it is first put down, mm. */
const CLAMP = { wide: 30, deep: 30, above: 12 };

const AXES = ['x', 'y', 'z'] as const;
const ENDS = { x: ['Left', 'Right'], y: ['Front', 'Back'], z: ['Under', 'Above'] } as const;

const moved = (box: Obstacle, dx: number, dy: number): Obstacle => ({
  ...box,
  from: { ...box.from, x: box.from.x + dx, y: box.from.y + dy },
  to: { ...box.to, x: box.to.x + dx, y: box.to.y + dy },
});

/** Clamps, jaws and the stock as boxes: put down and dragged on the drawing, then told to size. */
export function BoxesFold({ book }: { book: SetupState }) {
  const { obstacles, part } = book;
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const keep = (change: Partial<Obstacles>) => saveInSetup(book, 'obstacles', { ...obstacles, ...change });
  const changeBox = (changed: Obstacle) =>
    keep({ boxes: obstacles.boxes.map((one) => (one.id === changed.id ? changed : one)) });
  const put = (box: Obstacle) => {
    keep({ boxes: [...obstacles.boxes, box] });
    setChosen(box.id);
  };
  const { x, y, z } = part.size;
  const at = (name: string, left: number, front: number, wide = CLAMP.wide, deep = CLAMP.deep): Obstacle => ({
    id: uuidv7(),
    name,
    from: { x: left, y: front, z: -z },
    to: { x: left + wide, y: front + deep, z: CLAMP.above },
  });
  const count = obstacles.boxes.length;
  return (
    <Fold title={count === 0 ? 'Clamps, jaws and stock' : `Clamps, jaws and stock: ${count}`}>
      <AppText tone="soft">
        Choose where a clamp is, drag it to its place, then enter its size. Measured from the part’s front left top
        corner.
      </AppText>
      <BoxesDrawing
        part={part}
        partZero={book.setup.partZero}
        unit={book.setup.units}
        obstacles={obstacles}
        chosen={chosen}
        onPut={(left, front) => put(at(`Clamp ${count + 1}`, left - CLAMP.wide / 2, front - CLAMP.deep / 2))}
        onChoose={setChosen}
        onMove={(box, dx, dy) => changeBox(moved(box, dx, dy))}
      />
      <View style={styles.buttons}>
        <Button
          mode="outlined"
          onPress={() =>
            keep({
              boxes: [
                ...obstacles.boxes,
                { ...at('Rear jaw', -10, y, x + 20, 20), to: { x: x + 10, y: y + 20, z: -z / 2 } },
                { ...at('Front jaw', -10, -20, x + 20, 20), to: { x: x + 10, y: 0, z: -z / 2 } },
              ],
            })
          }
        >
          Add vise jaws
        </Button>
        {!obstacles.stock && (
          <Button
            mode="outlined"
            onPress={() =>
              keep({
                stock: {
                  id: uuidv7(),
                  name: 'Stock',
                  from: { x: -2, y: -2, z: -z },
                  to: { x: x + 2, y: y + 2, z: 1 },
                },
              })
            }
          >
            The stock is larger
          </Button>
        )}
      </View>
      {obstacles.stock && (
        <BoxCard
          box={obstacles.stock}
          book={book}
          open={false}
          onChange={(stock) => keep({ stock })}
          onRemove={() => {
            const { stock: _, ...rest } = obstacles;
            saveInSetup(book, 'obstacles', rest);
          }}
        />
      )}
      {obstacles.boxes.map((box) => (
        <BoxCard
          key={box.id}
          box={box}
          book={book}
          open={box.id === chosen}
          onChange={changeBox}
          onRemove={() => keep({ boxes: obstacles.boxes.filter(({ id }) => id !== box.id) })}
        />
      ))}
    </Fold>
  );
}

interface BoxCardProps {
  box: Obstacle;
  book: SetupState;
  open: boolean;
  onChange: (box: Obstacle) => void;
  onRemove: () => void;
}

/** One box by its six sides. */
function BoxCard({ box, book, open, onChange, onRemove }: BoxCardProps) {
  const { palette } = useLook();
  const unit = book.setup.units;
  return (
    <Surface elevation={0} style={[styles.card, { borderColor: palette.line, backgroundColor: palette.surface }]}>
      <Fold title={box.name} open={open}>
        <TextField
          label="Name"
          value={box.name}
          onCommit={(name) => onChange({ ...box, name })}
          check={(name) => (name.trim() === '' ? 'Give it a name.' : undefined)}
        />
        {AXES.map((axis) => (
          <FieldRow key={axis}>
            <LengthField
              label={`${ENDS[axis][0]}, ${axis.toUpperCase()}`}
              unit={unit}
              value={box.from[axis]}
              onCommit={(value) => onChange({ ...box, from: { ...box.from, [axis]: value } })}
              check={(value) =>
                value < box.to[axis] ? undefined : `It must be less than ${ENDS[axis][1].toLowerCase()}.`
              }
            />
            <LengthField
              label={`${ENDS[axis][1]}, ${axis.toUpperCase()}`}
              unit={unit}
              value={box.to[axis]}
              onCommit={(value) => onChange({ ...box, to: { ...box.to, [axis]: value } })}
              check={(value) =>
                value > box.from[axis] ? undefined : `It must be more than ${ENDS[axis][0].toLowerCase()}.`
              }
            />
          </FieldRow>
        ))}
        <Button mode="text" onPress={onRemove} style={styles.remove}>
          {`Take ${box.name} away`}
        </Button>
      </Fold>
    </Surface>
  );
}

const styles = StyleSheet.create({
  buttons: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  card: { borderWidth: 1.5, borderRadius: 8, paddingHorizontal: 10 },
  remove: { alignSelf: 'flex-start' },
});
