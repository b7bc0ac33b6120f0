import { lazyPage } from '../../../layout/lazyComponent';

export default lazyPage(() =>
  import('../../../stations/shop/Screen').then(({ CollectionScreen }) => ({ default: CollectionScreen })),
);
