import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { Hole } from '@zero-point/core/state/holes/holes';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { useLook } from '../../../../theme/useLook';
import { AppText } from '../../../../theme/AppText';

interface HandOrderProps {
  holes: readonly Hole[];
  /** Puts the hole at one place of the order to another. */
  onMove: (from: number, to: number) => void;
}

const keyOf = ({ pattern, hole }: Hole): string => `${pattern.id} ${hole}`;

/** Holes in their order, to be dragged by hand or by key; arrows beside each for gloved fingers. */
export function HandOrder({ holes, onMove }: HandOrderProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const keys = holes.map(keyOf);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over && active.id !== over.id) onMove(keys.indexOf(String(active.id)), keys.indexOf(String(over.id)));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcements(holes, keys), screenReaderInstructions: INSTRUCTIONS }}
    >
      <SortableContext items={keys} strategy={verticalListSortingStrategy}>
        <View role="list" aria-label="Order by hand" style={{ gap: 4 }}>
          {holes.map((hole, i) => (
            <HandRow
              key={keyOf(hole)}
              id={keyOf(hole)}
              hole={hole}
              place={i}
              last={i === holes.length - 1}
              onMove={onMove}
            />
          ))}
        </View>
      </SortableContext>
    </DndContext>
  );
}

const INSTRUCTIONS = {
  draggable:
    'To move a hole, press Space, move it with the arrow keys, and press Space again. Escape leaves it where it was.',
};

/** What a screen reader says while a hole is moved: its name and its place, not what the program calls it. */
function announcements(holes: readonly Hole[], keys: readonly string[]): Announcements {
  const name = (id: string | number) => {
    const hole = holes[keys.indexOf(String(id))];
    return hole ? nameOf(hole) : '';
  };
  const place = (id: string | number) => keys.indexOf(String(id)) + 1;
  return {
    onDragStart: ({ active }) => `${name(active.id)} is lifted from place ${place(active.id)}.`,
    onDragOver: ({ active, over }) => (over ? `${name(active.id)} is over place ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${name(active.id)} is put to place ${place(over.id)}.` : undefined),
    onDragCancel: ({ active }) => `${name(active.id)} stays at place ${place(active.id)}.`,
  };
}

const nameOf = ({ pattern, hole }: Hole): string => `${pattern.name}, hole ${hole}`;

interface HandRowProps {
  id: string;
  hole: Hole;
  place: number;
  last: boolean;
  onMove: HandOrderProps['onMove'];
}

function HandRow({ id, hole, place, last, onMove }: HandRowProps) {
  const { palette } = useLook();
  const { attributes, listeners, setNodeRef, transform } = useSortable({ id });
  const name = nameOf(hole);
  return (
    <div role="listitem" ref={setNodeRef} style={{ transform: transform ? `translateY(${transform.y}px)` : undefined }}>
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 6,
          borderWidth: 1,
          borderColor: palette.line,
          borderRadius: 8,
          backgroundColor: palette.surface,
        }}
      >
        <div
          {...attributes}
          {...listeners}
          aria-label={`Drag ${name}`}
          style={{
            flex: 1,
            minHeight: 48,
            display: 'flex',
            alignItems: 'center',
            paddingLeft: 12,
            cursor: 'grab',
            touchAction: 'none',
          }}
        >
          <AppText>
            ⠿ {place + 1}. {name}
          </AppText>
        </div>
        <Button
          mode="text"
          accessibilityLabel={`${name} earlier`}
          disabled={place === 0}
          onPress={() => onMove(place, place - 1)}
        >
          ▲
        </Button>
        <Button
          mode="text"
          accessibilityLabel={`${name} later`}
          disabled={last}
          onPress={() => onMove(place, place + 1)}
        >
          ▼
        </Button>
      </View>
    </div>
  );
}
