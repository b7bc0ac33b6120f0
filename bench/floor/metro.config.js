const { getDefaultConfig } = require('expo/metro-config');
const { join } = require('node:path');
const { withBundleMends } = require('../../apps/app/bundle-mends.js');

const config = withBundleMends(getDefaultConfig(__dirname));
config.watchFolders = [join(__dirname, '..', '..')];
module.exports = config;
