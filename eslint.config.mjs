import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';
import { defineConfig, globalIgnores } from 'eslint/config';
import tseslint from 'typescript-eslint';

const noUi = {
  group: [
    'react',
    'react/*',
    'react-dom',
    'react-native',
    'react-native-*',
    'expo',
    'expo-*',
    '@expo/*',
    '@rneui/*',
    '@obrik/app',
    '@obrik/server',
    'express',
    'sequelize',
  ],
  message: 'core is pure TypeScript',
};

/** What is believed, planned and closed by now is one answer: the case gives it to all who ask. */
const onlyByTheCase = {
  group: ['**/route', './plan', '../plan', '../../plan'],
  importNames: ['planRoute', 'routeOf', 'wholeFor'],
  message: 'Ask the case of the piece: it knows which recoat windows have closed.',
};

export default defineConfig([
  globalIgnores([
    '.cache/**',
    '**/dist*/**',
    '**/node_modules/**',
    'app/public/**',
    'app/.expo/**',
    '**/expo-env.d.ts',
  ]),
  ...expo,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [tseslint.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { disallowTypeAnnotations: false }],
      '@typescript-eslint/no-redeclare': 'off', // const + type of one name (zod)
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/no-misused-promises': [
        'error',
        { checksVoidReturn: { attributes: false } },
      ],
    },
  },
  {
    files: ['core/**/*.ts'],
    // No React here: a function named use… is no hook.
    rules: {
      'no-restricted-imports': ['error', { patterns: [noUi] }],
      'react-hooks/rules-of-hooks': 'off',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts', 'core/src/{case,testing,safety}/**', 'core/src/route/index.ts'],
    rules: { 'no-restricted-imports': ['error', { patterns: [noUi, onlyByTheCase] }] },
  },
  {
    files: ['{app,server}/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: { 'no-restricted-imports': ['error', { patterns: [onlyByTheCase] }] },
  },
  {
    files: ['**/*.test.{ts,tsx}', '**/jest.setup*.ts'],
    rules: {
      '@typescript-eslint/no-require-imports': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  {
    rules: {
      // tsc resolves modules (workspaces, '@/...')
      'import/no-unresolved': 'off',
      'import/named': 'off',
      'import/namespace': 'off',
      'import/no-named-as-default': 'off',
      'import/no-named-as-default-member': 'off',
    },
  },
  {
    files: ['**/*.{js,cjs,mjs}'],
    languageOptions: {
      globals: { __dirname: 'readonly', module: 'writable', require: 'readonly' },
    },
  },
  prettier,
]);
