import { lazyScreen } from '../stations/lazy';

export default lazyScreen(({ NewSetupScreen }) => NewSetupScreen);
