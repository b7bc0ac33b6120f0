const { join } = require('node:path');

const ICON_PACKAGES = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
  'react-native-vector-icons/MaterialCommunityIcons',
]);

/**
 * Leaves out of the bundle what no screen needs: Paper's 1.3 MB icon font (our own icons stand in)
 * and every language of Zod's messages but English.
 */
function withSizeMends(config) {
  const resolve = config.resolver.resolveRequest;
  config.resolver.resolveRequest = (context, name, platform) => {
    const next = resolve ?? context.resolveRequest;
    if (ICON_PACKAGES.has(name)) {
      return { type: 'sourceFile', filePath: join(__dirname, 'src', 'theme', 'PaperIcon.tsx') };
    }
    if (name.endsWith('/locales/index.js') && context.originModulePath.includes('/zod/')) {
      return next(context, 'zod/v4/locales/en.js', platform);
    }
    return next(context, name, platform);
  };
  return config;
}

module.exports = { withSizeMends };
