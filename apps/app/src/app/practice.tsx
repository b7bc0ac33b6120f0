import { lazyPage } from '../layout/lazyComponent';

export default lazyPage(() => import('../practice/List'));
