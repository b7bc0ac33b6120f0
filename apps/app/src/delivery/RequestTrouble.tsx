import { requestTrouble } from '../api/requestTrouble';
import { Trouble } from '../layout/States';

/** In place of what a page asked for and did not get. */
export function RequestTrouble({ error, away, retry }: { error: Error; away: string; retry: () => void }) {
  return <Trouble {...requestTrouble(error, away)} retry={retry} />;
}
