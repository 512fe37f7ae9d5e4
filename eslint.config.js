import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** A folder's index.ts is its face: whoever is outside imports nothing else of it. */
const throughTheFace = [
  {
    regex: String.raw`^\.\./(?!.*/index\.ts$)(?!index\.ts$).*\.tsx?$`,
    message: 'Import another folder through its index.ts.',
  },
  {
    regex: String.raw`^\./.+/(?!index\.tsx?$)[^/]+\.tsx?$`,
    message: 'Import a folder through its index.ts.',
  },
  {
    regex: '^@phylaxon/(?!core/[a-z]+(/[a-zA-Z]+)?$)',
    message: 'Only folders of core are shared: @phylaxon/core/<layer>/<folder>.',
  },
];

const restrict = (...more) => ({
  'no-restricted-imports': ['error', { patterns: [...throughTheFace, ...more] }],
});

export default tseslint.config(
  { ignores: ['**/dist/', '**/node_modules/', 'data/', 'e2e/test-results/'] },
  js.configs.recommended,
  tseslint.configs.recommended,
  {
    rules: {
      ...restrict(),
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', ignoreRestSiblings: true }],
      '@typescript-eslint/consistent-type-imports': 'error',
      // An import of types alone leaves nothing to load.
      '@typescript-eslint/no-import-type-side-effects': 'error',
      eqeqeq: 'error',
      'no-console': 'error',
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: restrict({ regex: String.raw`^(?!\.{1,2}/|zod$)`, message: 'core imports zod and nothing else.' }),
  },
  {
    files: ['core/src/simulate/house/network.ts'],
    rules: restrict({
      regex: String.raw`^(?!\.{1,2}/|ml-matrix$)`,
      message: 'The simulator’s network imports ml-matrix and nothing else.',
    }),
  },
  {
    files: ['core/src/diagnosis/cases/findBreaker.ts'],
    rules: restrict({
      regex: String.raw`^(?!\.{1,2}/|zod$|fuse\.js$)`,
      message: 'The search for a breaker imports fuse.js besides zod.',
    }),
  },
  {
    files: ['core/src/facts/calendar/wallClock.ts'],
    rules: restrict({
      regex: String.raw`^(?!\.{1,2}/|@date-fns/tz$)`,
      message: 'The clock of a time zone imports @date-fns/tz and nothing else.',
    }),
  },
  { files: ['web/src/**/*.{ts,tsx}'], ...reactHooks.configs.flat.recommended },
  {
    files: ['**/*.{js,mjs}'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
      },
    },
    rules: { 'no-console': 'off', 'no-restricted-imports': 'off' },
  },
);
