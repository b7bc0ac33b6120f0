const { join } = require('node:path');

const ICON_PACKAGES = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
  'react-native-vector-icons/MaterialCommunityIcons',
]);

/** Of the router: stacks, tabs and their headers, none of which is shown here; 100 kB of the first script. */
const NAVIGATORS = /^(\.\.\/fork\/native-stack\/createNativeStackNavigator|\.\.\/react-navigation\/bottom-tabs)$/;
const NO_NAVIGATOR = new Set(['./stack-utils', './layouts/experimental-stack', './standard-navigation']);

const own = (name) => ({ type: 'sourceFile', filePath: join(__dirname, 'src', 'theme', name) });

/**
 * Leaves out of the bundle what no screen needs: Paper's 1.3 MB icon font (our own icons stand in) and every language
 * of Zod's messages but English; and the animations that gesture-handler would use. Paper's pressable is ours, so that screen readers are told what is chosen.
 */
function withBundleMends(config) {
  const resolve = config.resolver.resolveRequest;
  config.resolver.resolveRequest = (context, name, platform) => {
    const next = resolve ?? context.resolveRequest;
    if (ICON_PACKAGES.has(name)) return own('PaperIcon.tsx');
    if (name === './Pressable' && /react-native-paper.*TouchableRipple/.test(context.originModulePath)) {
      return own('PaperPressable.tsx');
    }
    if (name.endsWith('/locales/index.js') && context.originModulePath.includes('/zod/')) {
      return next(context, 'zod/v4/locales/en.js', platform);
    }
    if (context.originModulePath.includes('/expo-router/build/')) {
      if (NAVIGATORS.test(name)) return { type: 'sourceFile', filePath: join(__dirname, 'router-stubs.js') };
      if (/^react-native(-web\/dist\/index)?$/.test(name))
        return { type: 'sourceFile', filePath: join(__dirname, 'router-natives.js') };
      if (NO_NAVIGATOR.has(name)) return { type: 'empty' };
    }
    // Themes of Paper's older look, with every colour of its table.
    if (/^\.\/v2\/|\/themes\/v2\//.test(name) && context.originModulePath.includes('/react-native-paper/')) {
      return { type: 'empty' };
    }
    // Lists that move as they are scrolled: nothing here does, and a list that does not is only where one is shown.
    if (/\/Animated(FlatList|SectionList)$/.test(name)) return { type: 'empty' };
    // Gestures look whether it is there and do without: nothing here is animated by it.
    if (name === 'react-native-reanimated') return { type: 'empty' };
    return next(context, name, platform);
  };
  return config;
}

module.exports = { withBundleMends };
