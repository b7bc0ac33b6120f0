import { laterPage } from '../../../frame/later';

export default laterPage(() =>
  import('../../../stations/shop/Screen').then(({ CollectionScreen }) => ({ default: CollectionScreen })),
);
