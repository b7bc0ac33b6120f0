import { laterPage } from '../../frame/later';

export default laterPage(() => import('../../at-once/List'));
