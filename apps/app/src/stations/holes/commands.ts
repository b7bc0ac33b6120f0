import type { Pattern } from '@zero-point/core/records/setup/pattern.schema';
import type { SetupState } from '@zero-point/core/state/basis/setupState';
import { saveInSetup } from '../../commands/logEntry';

/** Keeps a pattern, in place of the one with its id. */
export const savePattern = (book: SetupState, pattern: Pattern): void => saveInSetup(book, 'pattern', pattern);
