import { lazyScreen } from '../stations/lazy';

export default lazyScreen(({ ShopLogScreen }) => ShopLogScreen);
