import { requestTrouble } from '../api/requestTrouble';
import { TroubleNotice } from '../layout/States';

/** In place of what a page asked for and did not get. */
export function RequestTrouble({ error, away, retry }: { error: Error; away: string; retry: () => void }) {
  return <TroubleNotice {...requestTrouble(error, away)} retry={retry} />;
}
