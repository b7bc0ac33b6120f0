/** Core, server and devices run in Node through esbuild; the app's units run under jest-expo's web preset. */
const node = (name, dir, also = []) => ({
  displayName: name,
  rootDir: dir,
  testEnvironment: 'node',
  testMatch: ['src', ...also].map((folder) => `<rootDir>/${folder}/**/*.test.ts`),
  transform: { '^.+\\.[cm]?[jt]sx?$': '<rootDir>/../../scripts/jest-esbuild.cjs' },
  transformIgnorePatterns: ['/node_modules/(?!uuidv7|tinypool)'],
});

export default {
  // A limit, not a result: a machine that is five times slower than ours still ends in time.
  testTimeout: 30_000,
  globalSetup: '<rootDir>/scripts/lib/testFolder.mjs',
  globalTeardown: '<rootDir>/scripts/lib/testFolderGone.mjs',
  projects: [
    node('core', 'packages/core', ['testing']),
    node('server', 'apps/server'),
    node('device', 'apps/device'),
    {
      displayName: 'app',
      rootDir: 'apps/app',
      preset: 'jest-expo/web',
      setupFiles: ['<rootDir>/../../scripts/jest-browser.cjs'],
      testMatch: ['<rootDir>/src/**/*.test.{ts,tsx}'],
      // As in the build: Paper's pressable is ours.
      moduleNameMapper: { '^\\./Pressable$': '<rootDir>/src/theme/PaperPressable.tsx' },
      transformIgnorePatterns: [
        '/node_modules/(?!((jest-)?react-native|@react-native|expo|@expo|uuidv7|react-native-paper|react-native-svg|@tanstack|@zero-point))',
      ],
    },
  ],
};
