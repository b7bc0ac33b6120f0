/**
 * Stands in for navigators that no page of ours has: the app is one slot, with a bar of its own. What the router still asks
 * of them is a context that is never given, and a way to make a navigator that is never shown.
 */
const { createContext } = require('react');

const none = () => ({ Navigator: () => null, Screen: () => null });

module.exports = {
  BottomTabBarHeightContext: createContext(undefined),
  createBottomTabNavigator: none,
  createNativeStackNavigator: none,
};
