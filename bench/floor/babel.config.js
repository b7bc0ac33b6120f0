const paper = require('../../apps/app/paper-babel.js');

module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    plugins: [require.resolve('../../apps/app/icon-babel.js')],
    env: { production: { plugins: [paper] } },
  };
};
