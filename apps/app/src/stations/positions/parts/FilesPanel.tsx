import type { Book } from '@zero-point/core/book/book';
import { outlineOf } from '@zero-point/core/datum/partFrame';
import { holesSvg } from '@zero-point/core/formats/holesSvg';
import { positionsCsv } from '@zero-point/core/formats/positionsCsv';
import { fileHoles } from '@zero-point/core/book/holes';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { saveFile } from '../../../frame/saveFile';
import { Words } from '../../../theme/Words';
import { WorkRefused } from '../../../workers/runWorker';
import { writeHoles } from '../../../workers/holesJob';
import { ImportHoles } from './ImportHoles';
import { ProgramFields } from './ProgramFields';
import type { PositionsView } from '../view';

interface FilesPanelProps {
  book: Book;
  view: PositionsView;
  /** The pattern that was read is the one in hand. */
  onRead: (id: string) => void;
}

type Saved = 'csv' | 'json' | 'dxf' | 'svg';

const SAVES: readonly { format: Saved; label: string }[] = [
  { format: 'csv', label: 'CSV' },
  { format: 'json', label: 'JSON' },
  { format: 'dxf', label: 'DXF' },
  { format: 'svg', label: 'SVG drawing' },
];

/** Holes out to files and in from them. */
export function FilesPanel({ book, view, onRead }: FilesPanelProps) {
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const save = async (format: Saved) => {
    setTrouble(undefined);
    try {
      await saveHoles(book, view, format);
    } catch (error) {
      setTrouble(error instanceof WorkRefused ? error.message : 'The file could not be written here. Try again.');
    }
  };
  return (
    <View style={{ gap: 14 }}>
      {view.pattern && (
        <>
          <View style={{ gap: 6 }}>
            <Words style={{ fontWeight: '700' }}>Save all holes, from part zero, as</Words>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              {SAVES.map(({ format, label }) => (
                <Button
                  mode="outlined"
                  key={format}
                  accessibilityLabel={`Save positions as ${label}`}
                  onPress={() => void save(format)}
                >
                  {label}
                </Button>
              ))}
            </View>
            {trouble !== undefined && (
              <View role="alert">
                <Words tone="bad">{trouble}</Words>
              </View>
            )}
          </View>
          <Fold title="A program for a controller">
            <ProgramFields book={book} pattern={view.pattern} />
          </Fold>
        </>
      )}
      <ImportHoles book={book} onRead={onRead} />
    </View>
  );
}

async function saveHoles(book: Book, { patterns }: PositionsView, format: Saved): Promise<void> {
  const { setup, part } = book;
  const holes = fileHoles(book, patterns);
  const name = `${setup.id}-positions`;
  switch (format) {
    case 'csv':
      return saveFile(positionsCsv(holes, setup.units), 'text/csv', `${name}.csv`);
    case 'json': {
      const text = await writeHoles({ kind: 'write-json', holes }).result;
      return saveFile(text ?? '', 'application/json', `${name}.json`);
    }
    case 'dxf': {
      const text = await writeHoles({ kind: 'write-dxf', holes, unit: setup.units }).result;
      return saveFile(text ?? '', 'application/dxf', `${name}.dxf`);
    }
    case 'svg': {
      const outline = outlineOf(part, setup.partZero);
      return saveFile(holesSvg(holes, outline, setup.name, setup.units), 'image/svg+xml', `${name}.svg`);
    }
  }
}
