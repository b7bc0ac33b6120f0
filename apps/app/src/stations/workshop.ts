/** What comes after the bench: the stations, and the outbox with all that it knows of entries. */

export { OutboxLine } from '../frame/OutboxLine';
export { startOutbox } from '../stores/outbox';
export { keepShop } from '../api/queries';
export { AtOnceList } from '../at-once/List';
export { AtOnceScreen } from '../at-once/Screen';
export { PracticeList } from '../practice/List';
export { CollectionScreen, ShopScreen, ThingScreen } from './shop/Screen';
export { default as ShopLogScreen } from './log/ShopLog';
export { default as NewSetupScreen } from './newSetup/Screen';
export { default as SettingsScreen } from './settings/Screen';
export { default as StationPage } from './StationPage';
