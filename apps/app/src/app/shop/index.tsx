import { lazyPage } from '../../layout/lazyComponent';

export default lazyPage(() => import('../../stations/shop/Screen').then(({ ShopScreen }) => ({ default: ShopScreen })));
