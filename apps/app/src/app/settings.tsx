import { lazyScreen } from '../stations/lazy';

export default lazyScreen(({ SettingsScreen }) => SettingsScreen);
