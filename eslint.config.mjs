import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import boundaries from 'eslint-plugin-boundaries';
import regexp from 'eslint-plugin-regexp';
import { readdirSync } from 'node:fs';
import { FLOORS } from './packages/core/floors.mjs';

/** Dependencies point one way: app → core ← server. */
const only = (files, patterns, paths = []) => ({
  files,
  rules: { 'no-restricted-imports': ['error', { patterns, paths }] },
});

/** Controls are Paper's; what it has not is drawn by own components. */
const rawControls = {
  name: 'react-native',
  importNames: [
    'Pressable',
    'TextInput',
    'Text',
    'Switch',
    'Modal',
    'Button',
    'TouchableOpacity',
    'TouchableHighlight',
  ],
  message: 'controls are React Native Paper’s; raw ones are for drawings, dials, the rule and Paper’s own pressable',
};

/** Own components: what no package has. */
const OWN = [
  'drawing/**',
  'dial/**',
  'indicator/**',
  'working/**',
  'layout/Rule.tsx',
  'theme/PaperPressable.tsx',
  'theme/AppText.tsx',
];

const interfaceCode = [
  'react',
  'react-*',
  'expo',
  'expo-*',
  'react-native*',
  'react-native/**',
  'zustand*',
  '@tanstack/*',
];
const serverCode = ['express*', 'better-sqlite3', 'pino*', 'helmet', 'node:*'];

/** Each a folder under apps/app/src/stations. */
const STATIONS = readdirSync(new URL('apps/app/src/stations', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

/** Folders of core, as elements of its floors. */
const elements = FLOORS.flat().map((type) => ({ type, pattern: `packages/core/src/${type}` }));

const downwards = FLOORS.flatMap((floor, level) =>
  floor.map((type) => ({
    from: { element: { type } },
    allow: [{ to: { element: { type: FLOORS.slice(0, level + 1).flat() } } }],
  })),
);

const appOnly = {
  group: [...serverCode, '@zero-point/server', '@zero-point/server/**', '**/server/**'],
  message: 'the app imports core, never the server',
};

const coreOnly = [
  { group: [...interfaceCode, ...serverCode], message: 'core has no interface and no I/O' },
  { group: ['@zero-point/*', '**/apps/**'], message: 'core imports no other part' },
];

/** Trials, closed forms and simulated programs are for tests and benches. */
const notShipped = {
  group: ['@zero-point/core/testing/**', '**/testing/trials/**', '**/testing/closedForms/**', '**/testing/simulated*'],
  message: 'what ships imports nothing of packages/core/testing',
};

export default [
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.expo/**',
      '.build/**',
      'data/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  ...expo,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      // Circles are found by knip, over all files at once; what a namespace has, by the compiler.
      'import/namespace': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    // A kind that is added is handled wherever kinds are told apart.
    files: ['packages/core/src/**/*.ts', 'apps/*/src/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
    },
  },
  {
    // A text of any length is read in a time that grows with it, and no faster.
    files: ['packages/**/*.ts', 'apps/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', '**/*.case.ts'],
    plugins: { regexp },
    rules: {
      'regexp/no-super-linear-backtracking': ['error', { report: 'potential' }],
      'regexp/no-super-linear-move': ['error', { report: 'potential' }],
    },
  },
  {
    // No components there: the React compiler's rules would only analyse them.
    files: ['packages/**', 'apps/server/**', 'apps/device/**', 'e2e/**', 'scripts/**'],
    rules: Object.fromEntries(
      expo
        .flatMap(({ rules = {} }) => Object.keys(rules))
        .filter((rule) => /^react(-hooks)?\//.test(rule))
        .map((rule) => [rule, 'off']),
    ),
  },
  {
    // Playwright's fixtures take an empty pattern.
    files: ['e2e/**'],
    rules: { 'no-empty-pattern': 'off' },
  },
  {
    files: ['**/*.{js,mjs,cjs}'],
    languageOptions: {
      globals: { process: 'readonly', console: 'readonly', URL: 'readonly', Buffer: 'readonly', __dirname: 'readonly' },
    },
  },
  {
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.case.ts', '**/types/**'],
    plugins: { boundaries },
    settings: {
      'boundaries/elements': elements,
      'boundaries/include': ['packages/core/src/**'],
      'import/resolver': { node: { extensions: ['.ts'] } },
    },
    rules: {
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: downwards,
          message: 'core imports downwards only: see packages/core/floors.mjs',
        },
      ],
      'boundaries/no-unknown-files': 'error',
    },
  },
  only(['packages/core/{src,testing}/**'], coreOnly),
  { ...only(['packages/core/src/**'], [...coreOnly, notShipped]), ignores: ['**/*.test.ts', '**/*.case.ts'] },
  only(['apps/app/**'], [appOnly], [rawControls]),
  // A station imports no other; what two of them need lies in touch/, answer/ or commands/.
  ...STATIONS.map((station) =>
    only(
      [`apps/app/src/stations/${station}/**`],
      [
        appOnly,
        {
          regex: `^(\\.\\./)+(stations/)?(${STATIONS.filter((other) => other !== station).join('|')})/`,
          message: 'a station imports no other station',
        },
      ],
      [rawControls],
    ),
  ),
  // What a screen shows is worked out in its view; what it logs, in the commands beside it.
  only(
    ['apps/app/src/**/{view,*View}.ts'],
    [
      appOnly,
      { group: ['**/commands/**', '**/commands'], message: 'a view writes nothing: its commands do' },
      { regex: `^(\\.\\./)+(stations/)?(${STATIONS.join('|')})/`, message: 'a station imports no other station' },
    ],
    [rawControls],
  ),
  only([...OWN.map((own) => `apps/app/src/${own}`), 'apps/app/router-natives.js'], [appOnly]),
  only(
    ['apps/device/**'],
    [
      {
        group: [...interfaceCode, '@zero-point/app', '@zero-point/server', '**/app/**', '**/server/**'],
        message: 'a device imports core alone',
      },
    ],
  ),
  only(
    ['apps/server/**'],
    [
      {
        group: [...interfaceCode, '@zero-point/app', '@zero-point/app/**', '**/app/**'],
        message: 'the server imports core, never the app',
      },
    ],
  ),
  prettier,
];
