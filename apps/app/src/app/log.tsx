import { laterPage } from '../frame/later';

export default laterPage(() => import('../stations/log/ShopLog'));
