import { lazyScreen } from '../../../stations/lazy';

export default lazyScreen(({ StationPage }) => StationPage);
