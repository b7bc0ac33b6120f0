import { lazyScreen } from '../../stations/lazy';

export default lazyScreen(({ AtOnceScreen }) => AtOnceScreen);
