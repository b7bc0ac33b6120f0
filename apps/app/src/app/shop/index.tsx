import { laterPage } from '../../layout/lazyComponent';

export default laterPage(() =>
  import('../../stations/shop/Screen').then(({ ShopScreen }) => ({ default: ShopScreen })),
);
