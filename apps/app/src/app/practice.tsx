import { lazyScreen } from '../stations/lazy';

export default lazyScreen(({ PracticeList }) => PracticeList);
