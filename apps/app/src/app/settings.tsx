import { laterPage } from '../frame/later';

export default laterPage(() => import('../stations/settings/Screen'));
