import type { Book } from '@zero-point/core/book/book';
import type { Obstacle, Obstacles } from '@zero-point/core/record/obstacles';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button, Surface } from 'react-native-paper';
import { Rect } from 'react-native-svg';
import { uuidv7 } from 'uuidv7';
import { Fold } from '../../../answer/Fold';
import { PlanDrawing } from '../../../drawing/PlanDrawing';
import { Label } from '../../../drawing/marks';
import { Target } from '../../../drawing/Target';
import { FieldRow } from '../../../keypad/FieldRow';
import { LengthField, TextField } from '../../../keypad/Fields';
import { saveInSetup } from '../../../record/logEntry';
import { METAL } from '../../../theme/palette';
import { useLook } from '../../../theme/useLook';
import { Words } from '../../../theme/Words';

/** A clamp as it is first put down, mm. */
const CLAMP = { wide: 30, deep: 30, above: 12 };

const AXES = ['x', 'y', 'z'] as const;
const ENDS = { x: ['Left', 'Right'], y: ['Front', 'Back'], z: ['Under', 'Above'] } as const;

/** Clamps, jaws and the stock as boxes: put down on the drawing, then told to size. */
export function BoxesFold({ book }: { book: Book }) {
  const { obstacles, part } = book;
  const [chosen, setChosen] = useState<string | undefined>(undefined);
  const keep = (change: Partial<Obstacles>) => saveInSetup(book, 'obstacles', { ...obstacles, ...change });
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
  const places = [
    { label: 'at the left', x: 0, y: y / 2 },
    { label: 'at the right', x, y: y / 2 },
    { label: 'at the front', x: x / 2, y: 0 },
    { label: 'at the back', x: x / 2, y },
    { label: 'in the front left corner', x: 0, y: 0 },
    { label: 'in the front right corner', x, y: 0 },
    { label: 'in the back left corner', x: 0, y },
    { label: 'in the back right corner', x, y },
  ];
  const count = obstacles.boxes.length;
  return (
    <Fold title={count === 0 ? 'Clamps, jaws and stock' : `Clamps, jaws and stock: ${count}`}>
      <Words tone="soft">
        Press where a clamp stands; then say how large it is. From the part’s front left top corner.
      </Words>
      <PlanDrawing
        part={part}
        partZero={book.setup.partZero}
        zeroSet
        height={220}
        room={Math.max(x, y) / 6}
        label={`${part.name} with what stands round it, from above`}
        marks={(view) =>
          [...obstacles.boxes, ...(obstacles.stock ? [obstacles.stock] : [])].map((box) => (
            <BoxMark
              key={box.id}
              name={box.name}
              left={view.x(box.from.x)}
              top={view.y(box.to.y)}
              width={(box.to.x - box.from.x) * view.scale}
              height={(box.to.y - box.from.y) * view.scale}
              chosen={box.id === chosen}
            />
          ))
        }
        targets={(view) =>
          places.map((place) => (
            <Target
              key={place.label}
              label={`Put a clamp ${place.label}`}
              at={{ x: view.x(place.x), y: view.y(place.y), width: 48, height: 48 }}
              chosen={false}
              onPress={() => put(at(`Clamp ${count + 1}`, place.x - CLAMP.wide / 2, place.y - CLAMP.deep / 2))}
            />
          ))
        }
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
          onChange={(changed) => keep({ boxes: obstacles.boxes.map((one) => (one.id === box.id ? changed : one)) })}
          onRemove={() => keep({ boxes: obstacles.boxes.filter(({ id }) => id !== box.id) })}
        />
      ))}
    </Fold>
  );
}

interface BoxMarkProps {
  name: string;
  left: number;
  top: number;
  width: number;
  height: number;
  chosen: boolean;
}

const BoxMark = ({ name, left, top, width, height, chosen }: BoxMarkProps) => (
  <>
    <Rect
      x={left}
      y={top}
      width={width}
      height={height}
      fill={METAL.band}
      stroke={METAL.brass}
      strokeWidth={chosen ? 3 : 1.6}
    />
    <Label x={left + 3} y={top + 14} anchor="start" size={12} colour={METAL.brass} words>
      {name}
    </Label>
  </>
);

interface BoxCardProps {
  box: Obstacle;
  book: Book;
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
