import { cachedSetups } from './cachedSetups';
import { queryClient, setupKey } from '../api/queryClient';

/** How long work rests before a copy of it is written, ms: not at every touch. */
const REST = 400;

const due = new Map<string, ReturnType<typeof setTimeout>>();

/** Writes the copy of a setup once work on it rests. */
export function scheduleCacheCopy(id: string): void {
  clearTimeout(due.get(id));
  due.set(
    id,
    setTimeout(() => {
      due.delete(id);
      void cachedSetups.persistQueryByKey(setupKey(id), queryClient);
    }, REST),
  );
}
