import { laterPage } from '../frame/later';

export default laterPage(() => import('../practice/List'));
