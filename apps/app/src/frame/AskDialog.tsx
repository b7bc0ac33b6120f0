import type { AskDialogProps } from './AskedDialog';
import { later } from './later';

/** Something asked over the page, with a way out of it; most pages are left without one. */
export const AskDialog = later<AskDialogProps>(() => import('./AskedDialog'));
