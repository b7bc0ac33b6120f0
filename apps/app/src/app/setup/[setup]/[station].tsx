import { lazyPage } from '../../../layout/lazyComponent';

export default lazyPage(() => import('../../../stations/StationPage'));
