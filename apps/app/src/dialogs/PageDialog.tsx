import type { AskDialogProps } from './PageDialogContent';
import { later } from '../layout/lazyComponent';

/** Something asked over the page, with a way out of it; most pages are left without one. */
export const AskDialog = later<AskDialogProps>(() => import('./PageDialogContent'));
