import { lazyPage } from '../../../layout/lazyComponent';

export default lazyPage(() =>
  import('../../../stations/shop/Screen').then(({ ThingScreen }) => ({ default: ThingScreen })),
);
