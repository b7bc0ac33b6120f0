import { lazyScreen } from '../../../stations/lazy';

export default lazyScreen(({ ThingScreen }) => ThingScreen);
