import { FinderChoice, TouchesWith } from '../method/FinderChoice';
import type { FeatureTouches } from './useFeatureTouches';

/** The finder in hand, which opens the others. */
export const TouchesWithFinder = ({ book, view, choosing, setChoosing }: FeatureTouches) => (
  <TouchesWith
    method={view.method}
    assumed={book.setup.assumed?.includes('finder') ?? false}
    open={choosing}
    onPress={() => setChoosing(!choosing)}
  />
);

/** The finders to choose from, while that is open. */
export function FinderOfFeature(touches: FeatureTouches) {
  const { book, view, as, choosing, setChoosing, setTypedAs } = touches;
  if (!choosing) return null;
  return (
    <FinderChoice
      book={book}
      view={view}
      as={as}
      onAs={(one) => {
        setTypedAs(one);
        setChoosing(false);
      }}
      onTaken={() => setChoosing(false)}
    >
      <TouchesWithFinder {...touches} />
    </FinderChoice>
  );
}
