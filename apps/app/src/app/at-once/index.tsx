import { lazyPage } from '../../layout/lazyComponent';

export default lazyPage(() => import('../../calculators/List'));
