import { lazyScreen } from '../../stations/lazy';

export default lazyScreen(({ AtOnceList }) => AtOnceList);
