import type { Book } from '@zero-point/core/book/book';
import { View } from 'react-native';
import { Fold } from '../../../answer/Fold';
import { Press } from '../../../frame/Press';
import { Words } from '../../../theme/Words';
import { KIND_NAMES, KIND_WORDS, PATTERN_KINDS, startPattern } from './startPattern';
import { logPattern } from '../view';

interface AddPatternProps {
  book: Book;
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
            <Press
              key={kind}
              aria-label={`Add: ${KIND_NAMES[kind]}`}
              onPress={() => {
                const made = startPattern(book, kind);
                logPattern(book, made);
                onAdded(made.id);
              }}
            >
              <Words style={{ fontWeight: '700' }}>{KIND_NAMES[kind]}</Words>
              <Words kind="note" tone="soft">
                {KIND_WORDS[kind]}
              </Words>
            </Press>
          ))}
        </View>
      </Fold>
      {aside.length > 0 && (
        <Fold title={`Laid aside: ${aside.length}`}>
          {aside.map((pattern) => (
            <Press
              key={pattern.id}
              onPress={() => {
                logPattern(book, { ...pattern, laidAside: false });
                onAdded(pattern.id);
              }}
            >
              <Words>Take up again: {pattern.name}</Words>
            </Press>
          ))}
        </Fold>
      )}
    </>
  );
}
