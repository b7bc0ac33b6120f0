import type { Pattern } from '@zero-point/core/records/setup/pattern';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { LARGEST_FILE, type FileHole, type ReadHoles } from '@zero-point/core/holes/fileHole';
import { MAX_HOLES } from '@zero-point/core/records/values/maxHoles';
import { formatLength } from '@zero-point/core/units/formatLength';
import type { LengthUnit } from '@zero-point/core/units/unit';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { uuidv7 } from 'uuidv7';
import { FilePicker } from '../../../files/FilePicker';
import { TickChips } from '../../../controls/TickChips';
import { AppText } from '../../../theme/AppText';
import { readHoles, type HolesFormat } from '../../../workers/holesJob';
import { WorkRefused, type RunningWorker } from '../../../workers/runWorker';
import { savePattern } from '../commands';

type State =
  | { state: 'none' }
  | { state: 'reading'; name: string }
  | { state: 'refused'; why: string }
  | { state: 'which-unit'; file: File }
  | { state: 'read'; name: string; read: ReadHoles };

interface ImportHolesProps {
  book: SetupState;
  onRead: (id: string) => void;
}

const FORMATS: readonly (readonly [RegExp, HolesFormat])[] = [
  [/\.dxf$/i, 'dxf'],
  [/\.json$/i, 'json'],
  [/\.(csv|tsv|txt)$/i, 'csv'],
  [/\.(nc|ngc|tap|gcode|cnc|iso|mpf|eia)$/i, 'program'],
];

/** Holes read from a file in a worker: what is in it is shown, and nothing is taken over unasked. */
export function ImportHoles({ book, onRead }: ImportHolesProps) {
  const [now, setNow] = useState<State>({ state: 'none' });
  const running = useRef<RunningWorker<ReadHoles> | undefined>(undefined);

  const take = async (file: File, unit?: LengthUnit) => {
    const format = FORMATS.find(([pattern]) => pattern.test(file.name))?.[1];
    if (!format)
      return setNow({
        state: 'refused',
        why: 'Choose a .csv, .json, .dxf or .nc file. Rename it if it is one of these.',
      });
    if (file.size > LARGEST_FILE)
      return setNow({
        state: 'refused',
        why: 'The file is over 20 MB. Save only the layers with the holes, or split it.',
      });
    setNow({ state: 'reading', name: file.name });
    running.current = readHoles({ kind: 'read', file, format, ...(unit && { unit }) });
    try {
      const read = await running.current.result;
      setNow(read ? { state: 'read', name: file.name, read } : { state: 'none' });
    } catch (error) {
      if (error instanceof WorkRefused && error.code === 'unit-unknown') setNow({ state: 'which-unit', file });
      else
        setNow({
          state: 'refused',
          why: error instanceof WorkRefused ? error.message : 'The file could not be read here. Try again.',
        });
    }
  };

  return (
    <View style={{ gap: 10 }}>
      <AppText style={{ fontWeight: '700' }}>Read holes from a file</AppText>
      <AppText kind="note" tone="soft">
        CSV, JSON, DXF, or a program. Up to 20 MB.
      </AppText>
      <FilePicker
        label="Choose a file"
        what="A file of holes"
        accept=".csv,.tsv,.txt,.json,.dxf,.nc,.ngc,.tap,.gcode,.cnc,.iso,.mpf,.eia"
        onPick={(file) => void take(file)}
      />
      {now.state === 'reading' && (
        <>
          <AppText live>Reading {now.name} …</AppText>
          <Button mode="outlined" onPress={() => running.current?.cancel()} style={{ alignSelf: 'flex-start' }}>
            Stop
          </Button>
        </>
      )}
      {now.state === 'refused' && (
        <View role="alert">
          <AppText tone="bad" style={{ fontWeight: '700' }}>
            {now.why}
          </AppText>
        </View>
      )}
      {now.state === 'which-unit' && (
        <View style={{ gap: 8 }}>
          <AppText tone="warn" live style={{ fontWeight: '700' }}>
            {now.file.name} has no unit. Which unit is it in?
          </AppText>
          <View style={{ flexDirection: 'row', gap: 8 }}>
            <Button mode="outlined" onPress={() => void take(now.file, 'mm')}>
              Millimetres
            </Button>
            <Button mode="outlined" onPress={() => void take(now.file, 'in')}>
              Inches
            </Button>
          </View>
        </View>
      )}
      {now.state === 'read' && (
        <Preview
          key={now.name}
          {...now}
          unit={book.setup.units}
          onLeave={() => setNow({ state: 'none' })}
          onTake={(holes) => {
            const made = asPattern(now.name, holes);
            savePattern(book, made);
            setNow({ state: 'none' });
            onRead(made.id);
          }}
        />
      )}
    </View>
  );
}

interface PreviewProps {
  name: string;
  read: ReadHoles;
  unit: LengthUnit;
  onTake: (holes: readonly FileHole[]) => void;
  onLeave: () => void;
}

/** What is in the file, layer by layer, before any of it is taken over. */
function Preview({ name, read, unit, onTake, onLeave }: PreviewProps) {
  const groups = [...new Set(read.holes.map(({ group = '' }) => group))];
  const [left, setLeft] = useState<readonly string[]>([]);
  const holes = read.holes.filter(({ group = '' }) => !left.includes(group));
  const sizes = [
    ...new Set(holes.map(({ diameter }) => (diameter === undefined ? '' : formatLength(diameter, { unit })))),
  ];
  return (
    <View style={{ gap: 8 }}>
      <AppText live style={{ fontWeight: '700' }}>
        {name}: {read.holes.length} {read.holes.length === 1 ? 'hole' : 'holes'}, in{' '}
        {read.unit === 'mm' ? 'millimetres' : 'inches'}.
      </AppText>
      {groups.length > 1 && (
        <TickChips
          label="Layers"
          showLabel={false}
          options={groups.map((group) => ({
            value: group,
            label: group === '' ? 'no layer' : group,
            beside: `: ${read.holes.filter((hole) => (hole.group ?? '') === group).length}`,
          }))}
          ticked={groups.filter((group) => !left.includes(group))}
          onToggle={(group) => setLeft(left.includes(group) ? left.filter((one) => one !== group) : [...left, group])}
        />
      )}
      {sizes.some((size) => size !== '') && (
        <AppText kind="note" tone="soft">
          Diameters, {unit}:{' '}
          {sizes
            .slice(0, 8)
            .map((size) => (size === '' ? 'none given' : size))
            .join(', ')}
          {sizes.length > 8 ? ` and ${sizes.length - 8} more` : ''}
        </AppText>
      )}
      {read.skipped.length > 0 && (
        <AppText tone="warn">
          Left out, not holes: {read.skipped.map(({ what, count }) => `${count} × ${what}`).join(', ')}.
        </AppText>
      )}
      {holes.length > MAX_HOLES && (
        <AppText tone="bad">That is more than {MAX_HOLES} holes. Leave a layer out, or split the file.</AppText>
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button mode="outlined" disabled={holes.length === 0 || holes.length > MAX_HOLES} onPress={() => onTake(holes)}>
          Take {holes.length} {holes.length === 1 ? 'hole' : 'holes'} over
        </Button>
        <Button mode="text" onPress={onLeave}>
          Leave it
        </Button>
      </View>
    </View>
  );
}

/** Diameter of holes whose file has none, mm, until the person says. */
const PLAIN_DIAMETER = 3;

/** Read holes as a pattern of single points; a size or depth most share is the pattern's own. */
function asPattern(file: string, holes: readonly FileHole[]): Pattern {
  const common = <T,>(values: readonly (T | undefined)[]): T | undefined =>
    values.every((one) => one === values[0]) ? values[0] : undefined;
  const diameter = common(holes.map((hole) => hole.diameter));
  const depth = common(holes.map((hole) => hole.depth));
  const [firstSize] = holes.flatMap((hole) => hole.diameter ?? []);
  return {
    id: uuidv7(),
    name:
      file
        .replace(/\.[^.]+$/, '')
        .trim()
        .slice(0, 80) || 'Holes of a file',
    kind: 'points',
    holeDiameter: diameter ?? firstSize ?? PLAIN_DIAMETER,
    ...(depth !== undefined && { depth }),
    points: holes.map((hole) => ({
      x: hole.x,
      y: hole.y,
      ...(diameter === undefined && hole.diameter !== undefined && { diameter: hole.diameter }),
      ...(depth === undefined && hole.depth !== undefined && { depth: hole.depth }),
      ...(hole.note !== undefined && { note: hole.note }),
    })),
  };
}
