import type { PageDialogProps } from './PageDialogContent';
import { lazyComponent } from '../layout/lazyComponent';

/** Something asked over the page, with a way out of it; most pages are left without one. */
export const PageDialog = lazyComponent<PageDialogProps>(() => import('./PageDialogContent'));
