import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

/** The folders of the core from the ground up: each may use those before it, none after it. */
const CORE_LAYERS = [
  'words',
  'reading',
  'pitch',
  'instrument',
  'intonation',
  'hand',
  'material',
  'search',
  'plan',
  'sound',
  'take',
  'notation',
  'format',
];

/** The folders of the application and what each may import of the others. */
const APP_LAYERS = {
  words: ['audio'],
  demo: [],
  validation: [],
  workers: [],
  engraving: [],
  printing: [],
  audio: [],
  design: [],
  offline: [],
  store: ['workers', 'validation', 'demo'],
  islands: ['store', 'workers', 'engraving', 'printing', 'audio', 'words', 'design'],
};

const coreRules = CORE_LAYERS.map((layer, index) => ({
  files: [`core/${layer}/**/*.ts`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: CORE_LAYERS.slice(index).map((above) => `#core/${above}`),
            message: `core/${layer} may use only the layers below it: ${CORE_LAYERS.slice(0, index).join(', ') || 'none'}.`,
          },
          { group: ['../*'], message: 'Reach another folder of the core by its entry: #core/….' },
          { regex: '^(?!#core/|\\./|@sinclair/typebox$)', message: 'The core depends on nothing but TypeBox.' },
        ],
      },
    ],
  },
}));

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
              message: `src/${layer} may not import this: arrows run islands → store, workers → core.`,
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
      'max-params': ['error', 6],
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
  ...coreRules,
  ...appRules,
);
