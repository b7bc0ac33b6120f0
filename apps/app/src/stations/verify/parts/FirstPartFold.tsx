import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { verified } from '@zero-point/core/state/verify/measurements';
import { dayWords } from '@zero-point/core/messages/gauges/gaugeStatus';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { Fold } from '../../../answer/Fold';
import { DraftField } from '../../../keypad/DraftField';
import { AppText } from '../../../theme/AppText';
import { signFirstPart } from '../commands';

/** The first part's record: in or out, signed with a name. */
export function FirstPartFold({ book }: { book: SetupState }) {
  const { isIn, sizes } = verified(book);
  const [by, setBy] = useState('');
  const [note, setNote] = useState('');
  const [trouble, setTrouble] = useState<string | undefined>(undefined);
  const sign = (verdict: 'in' | 'out') => {
    if (by.trim() === '') return setTrouble('Sign with your name first.');
    if (by.trim().length > 80) return setTrouble('The name must be at most 80 characters.');
    if (note.length > 500) return setTrouble('The note must be at most 500 characters.');
    signFirstPart(book, verdict, by, note);
    setTrouble(undefined);
    setNote('');
  };
  return (
    <Fold title={`First part${book.firstParts.length > 0 ? `: ${book.firstParts.at(-1)?.verdict}` : ''}`}>
      {book.firstParts.map(({ id, verdict, by: signed, at, note: said, measured }) => (
        <AppText key={id}>
          {`${verdict === 'in' ? '✓ In' : '✗ Out'}, ${measured.length} measured, signed ${signed}, ${dayWords(at)}${said === '' ? '' : `. ${said}`}`}
        </AppText>
      ))}
      <AppText tone="soft">
        {sizes.length === 0
          ? 'Nothing is measured yet.'
          : isIn === null
            ? 'Nothing measured has limits. You decide.'
            : isIn
              ? 'Everything with limits is in tolerance.'
              : 'Something is out of tolerance.'}
      </AppText>
      <DraftField label="Your name" value={by} onChange={setBy} onSubmit={() => undefined} />
      <DraftField label="Note" value={note} onChange={setNote} onSubmit={() => undefined} />
      {trouble !== undefined && (
        <View role="alert">
          <AppText tone="bad">{trouble}</AppText>
        </View>
      )}
      <View style={{ flexDirection: 'row', gap: 8 }}>
        <Button mode="outlined" disabled={sizes.length === 0} onPress={() => sign('in')}>
          Accept the part
        </Button>
        <Button mode="outlined" disabled={sizes.length === 0} onPress={() => sign('out')}>
          Reject the part
        </Button>
      </View>
    </Fold>
  );
}
