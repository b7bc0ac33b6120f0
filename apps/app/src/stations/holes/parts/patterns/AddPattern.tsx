import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../../answer/Fold';
import { CardButton } from '../../../../controls/CardButton';
import { AppText } from '../../../../theme/AppText';
import { KIND_NAMES, KIND_WORDS, PATTERN_KINDS, startPattern } from './startPattern';
import { savePattern } from '../../commands';

interface AddPatternProps {
  book: SetupState;
  /** There is none yet. */
  first: boolean;
  onAdded: (id: string) => void;
}

/** A new pattern of any kind, and those laid aside to take up again. */
export function AddPattern({ book, first, onAdded }: AddPatternProps) {
  const aside = book.patterns.filter(({ laidAside }) => laidAside === true);
  return (
    <>
      <Fold title="Add a pattern" open={first}>
        <View style={{ gap: 8 }}>
          {PATTERN_KINDS.map((kind) => (
            <CardButton
              key={kind}
              label={`Add: ${KIND_NAMES[kind]}`}
              onPress={() => {
                const made = startPattern(book, kind);
                savePattern(book, made);
                onAdded(made.id);
              }}
            >
              <AppText kind="strong">{KIND_NAMES[kind]}</AppText>
              <AppText kind="note" tone="soft">
                {KIND_WORDS[kind]}
              </AppText>
            </CardButton>
          ))}
        </View>
      </Fold>
      {aside.length > 0 && (
        <Fold title={`Set aside: ${aside.length}`}>
          {aside.map((pattern) => (
            <Button
              mode="outlined"
              key={pattern.id}
              onPress={() => {
                savePattern(book, { ...pattern, laidAside: false });
                onAdded(pattern.id);
              }}
            >
              Use again: {pattern.name}
            </Button>
          ))}
        </Fold>
      )}
    </>
  );
}
