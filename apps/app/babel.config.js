const paper = require('./paper-babel.js');

module.exports = (api) => {
  api.cache(true);
  return {
    presets: ['babel-preset-expo'],
    plugins: ['./icon-babel.js'],
    env: {
      production: { plugins: [paper] },
      // Jest's own Node knows no `import()`: it becomes a `require` that waits.
      test: { plugins: ['@babel/plugin-transform-dynamic-import'] },
    },
  };
};
