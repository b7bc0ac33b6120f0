const { getDefaultConfig } = require('expo/metro-config');
const { join } = require('node:path');
const { withSizeMends } = require('../../apps/app/size-mends.js');

const config = withSizeMends(getDefaultConfig(__dirname));
config.watchFolders = [join(__dirname, '..', '..')];
module.exports = config;
