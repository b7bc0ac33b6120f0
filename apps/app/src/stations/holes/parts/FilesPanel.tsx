import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { HOLES_FILES, saveHoles, type HolesFile } from '../../../files/saveHoles';
import { AppText } from '../../../theme/AppText';
import { WorkRefused } from '../../../workers/runWorker';
import { ImportHoles } from './ImportHoles';
import { ProgramFields } from './ProgramFields';
import type { PositionsView } from '../view';

interface FilesPanelProps {
  book: SetupState;
  view: PositionsView;
  /** The pattern that was read is the one in hand. */
  onRead: (id: string) => void;
}

/** Holes out to files and in from them. */
export default function FilesPanel({ book, view, onRead }: FilesPanelProps) {
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const save = async (format: HolesFile) => {
    setTrouble(undefined);
    try {
      await saveHoles(book, view.patterns, format);
    } catch (error) {
      setTrouble(error instanceof WorkRefused ? error.message : 'The file could not be written here. Try again.');
    }
  };
  return (
    <View style={{ gap: 14 }}>
      {view.pattern && (
        <>
          <View style={{ gap: 6 }}>
            <AppText style={{ fontWeight: '700' }}>Save all holes, from part zero, as</AppText>
            <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
              {HOLES_FILES.map(({ format, label }) => (
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
                <AppText tone="bad">{trouble}</AppText>
              </View>
            )}
          </View>
          <Fold title="A program for a control">
            <ProgramFields book={book} pattern={view.pattern} />
          </Fold>
        </>
      )}
      <ImportHoles book={book} onRead={onRead} />
    </View>
  );
}
