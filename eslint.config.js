import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { arrows } from './scripts/lint/arrows.mjs';

/** The folders of the application and what each may import of the others; pages may use all of them. */
const APP_LAYERS = {
  words: ['audio'],
  demo: [],
  validation: [],
  endpoints: ['validation', 'words', 'files'],
  server: ['endpoints'],
  engine: [],
  engraving: [],
  printing: [],
  audio: [],
  design: [],
  offline: ['words'],
  storage: ['validation', 'words', 'demo', 'files'],
  files: ['validation', 'words'],
  state: ['engine', 'storage', 'files', 'words', 'audio', 'design'],
  ui: ['engine', 'words'],
  islands: ['state', 'storage', 'files', 'engine', 'validation', 'engraving', 'printing', 'audio', 'words', 'ui', 'design'],
};

const appRules = Object.entries(APP_LAYERS).map(([layer, allowed]) => {
  const forbidden = Object.keys(APP_LAYERS).filter((other) => other !== layer && !allowed.includes(other));
  return {
    files: [`src/${layer}/**/*.{ts,tsx}`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: forbidden.map((other) => `**/${other}/**`),
              message: `src/${layer} may not import this: arrows run islands → state → storage, engine → core.`,
            },
            { group: ['**/core/**', '!#core/*'], message: 'Import the core as #core/….' },
          ],
        },
      ],
    },
  };
});

export default tseslint.config(
  { ignores: ['dist', '.astro', 'node_modules', 'src/validation/compiled/*.js', '**/*.astro'] },
  js.configs.recommended,
  ...tseslint.configs.strict,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/ban-ts-comment': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': 'off',
      complexity: ['error', 15],
      'max-lines': ['error', 400],
      'max-params': ['error', 4],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/**/*.ts', 'src/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/no-floating-promises': 'error',
      'no-restricted-syntax': ['error', { selector: 'ExportAllDeclaration', message: 'List the names of an entry one by one.' }],
    },
  },
  { files: ['src/**/*.tsx', 'src/**/*.ts'], plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  { files: ['tests/**', 'scripts/**', '*.mjs', '*.js'], rules: { 'max-lines-per-function': 'off', 'no-undef': 'off' } },
  { files: ['core/**/*.ts'], rules: { complexity: ['error', 10] } },
  { files: ['core/**/*.ts'], plugins: { rooms: { rules: { arrows } } }, rules: { 'rooms/arrows': 'error' } },
  ...appRules,
);
