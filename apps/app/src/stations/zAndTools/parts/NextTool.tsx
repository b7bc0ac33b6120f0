import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { touchOffPoint } from '@zero-point/core/state/toolChange/touchOffPoint';
import { figureWords, setterName } from '@zero-point/core/messages/zAndTools/toolChange';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { momentWords } from '../../../layout/formatMoment';
import { Choice } from '../../../controls/Choice';
import { AppText } from '../../../theme/AppText';
import { toolsToFit } from '../toolChange';

interface NextToolProps {
  book: SetupState;
  tool: number;
  onChoose: (tool: number) => void;
  /** The spot is touched again with the tool that is in, before it comes out. */
  onAgain: () => void;
}

/** Which tool goes in, what the spot shows, and the same spot once more with the tool that is still in. */
export function NextTool({ book, tool, onChoose, onAgain }: NextToolProps) {
  const { kept, setter, setAt } = touchOffPoint(book);
  const fits = toolsToFit(book);
  if (!kept || setter === undefined) return null;
  return (
    <View style={{ gap: 10 }}>
      {fits.length > 1 && (
        <Choice
          label="Next tool"
          value={String(tool)}
          options={fits.map(({ number, name }) => ({ value: String(number), label: `T${number} ${name}` }))}
          onChange={(next) => onChoose(Number(next))}
        />
      )}
      <AppText>{`On the spot: ${figureWords(book, kept)}, ${momentWords(kept.at)}.`}</AppText>
      {setAt !== undefined && (
        <AppText tone="good">{`✓ Z was set there with ${setterName(setter)}, ${momentWords(setAt)}.`}</AppText>
      )}
      <Button mode="outlined" style={{ alignSelf: 'flex-start' }} onPress={onAgain}>
        {`Touch the spot with ${setterName(setter)} again`}
      </Button>
      <AppText kind="note" tone="soft">
        Touching with the old tool again shows if the part or the spot moved.
      </AppText>
    </View>
  );
}
