const { getDefaultConfig } = require('expo/metro-config');
const { withSizeMends } = require('./size-mends.js');

module.exports = withSizeMends(getDefaultConfig(__dirname));
