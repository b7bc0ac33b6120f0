import { lazyScreen } from '../../../stations/lazy';

export default lazyScreen(({ CollectionScreen }) => CollectionScreen);
