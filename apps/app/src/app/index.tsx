import { laterPage } from '../layout/lazyComponent';

export default laterPage(() => import('../stations/bench/Screen'));
