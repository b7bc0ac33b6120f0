const { join } = require('node:path');

const ICON_PACKAGES = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
  'react-native-vector-icons/MaterialCommunityIcons',
]);

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
    // Gestures look whether it is there and do without: nothing here is animated by it.
    if (name === 'react-native-reanimated') return { type: 'empty' };
    return next(context, name, platform);
  };
  return config;
}

module.exports = { withBundleMends };
