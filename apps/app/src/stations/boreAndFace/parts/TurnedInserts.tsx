import { insertsOf } from '@zero-point/core/state/boreAndFace/inserts';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { insertsWords } from '@zero-point/core/messages/boreAndFace/inserts';
import { View } from 'react-native';
import { VoidCalibration } from '../../../touch/VoidCalibration';
import { AppText } from '../../../theme/AppText';

interface TurnedInsertsProps {
  book: SetupState;
  cutter: { id: string; name: string };
}

/** The log of a cutter's inserts: when they were last turned, and that they are now. Its length is open from then on. */
export const IndexedInserts = ({ book, cutter: { id, name } }: TurnedInsertsProps) => (
  <View style={{ gap: 8 }}>
    <AppText tone="soft">{insertsWords(insertsOf(book, id))}</AppText>
    <VoidCalibration
      title="Inserts indexed or replaced"
      of={{ kind: 'cutter', cutterId: id }}
      name={name}
      ways={['repaired']}
      buttons={{ repaired: 'Log all inserts indexed' }}
      said={`from now on the length of ${name} is not valid in any machine until it is touched off again.`}
      shownIn={book.setup.id}
    />
  </View>
);
