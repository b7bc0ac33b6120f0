import { lazyScreen } from '../../stations/lazy';

export default lazyScreen(({ ShopScreen }) => ShopScreen);
