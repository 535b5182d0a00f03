import { readdirSync, readFileSync } from 'node:fs';
import js from '@eslint/js';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import { arrows } from './scripts/lint/arrows.mjs';
import { doors } from './scripts/lint/doors.mjs';

/** The folders of the application with the others that each may import; pages may use all of them. */
const APP_LAYERS = {
  words: ['audio'],
  demo: ['validation'],
  validation: [],
  endpoints: ['validation', 'words', 'files', 'printing'],
  server: ['endpoints', 'printing'],
  engine: [],
  engraving: [],
  path: ['engraving'],
  'under-staff': ['engraving', 'path', 'words'],
  printing: ['engraving', 'path', 'under-staff', 'words'],
  audio: [],
  design: [],
  offline: ['words'],
  records: [],
  storage: ['records', 'validation', 'words', 'files'],
  files: ['validation', 'words'],
  state: ['engine', 'records', 'storage', 'files', 'validation', 'demo', 'words', 'audio', 'design'],
  ui: ['engine', 'words'],
  islands: [
    'state',
    'records',
    'files',
    'engine',
    'validation',
    'engraving',
    'path',
    'under-staff',
    'printing',
    'audio',
    'words',
    'ui',
    'design',
  ],
};

/** Lists the sources whose text matches a pattern, so that a slow rule is asked there alone. */
const sourcesWith = (what) =>
  ['core', 'src'].flatMap((folder) =>
    readdirSync(folder, { recursive: true })
      .map((name) => `${folder}/${name}`)
      .filter((file) => /\.tsx?$/.test(file) && what.test(readFileSync(file, 'utf8'))),
  );

const withSwitch = sourcesWith(/\bswitch\b/);

/**
 * The sources with components and hooks. React recognises them by name: a component begins with a capital letter and returns its drawing, a
 * hook begins with "use".
 */
const withHooks = sourcesWith(/\buse[A-Z]|<\/|\/>/);

const EXPORT_ALL = { selector: 'ExportAllDeclaration', message: 'List the names of an entry one by one.' };

const PROMISES = [
  ...[':function[async=true]', 'AwaitExpression', 'ForOfStatement[await=true]', 'ImportExpression', 'Identifier[name="Promise"]'],
].map((selector) => ({ selector, message: 'The core answers at once: nothing in it is a promise.' }));

const TYPED = { languageOptions: { parserOptions: { project: 'tsconfig.lint.json', tsconfigRootDir: import.meta.dirname } } };

const appRules = Object.entries(APP_LAYERS).map(([layer, allowed]) => {
  const forbidden = Object.keys(APP_LAYERS).filter((other) => other !== layer && !allowed.includes(other));
  const message = `src/${layer} may not import this: arrows run islands → state → storage → records, engine → core.`;
  return {
    files: [`src/${layer}/**/*.{ts,tsx}`],
    rules: {
      // Dynamic imports obey the layers too.
      'no-restricted-syntax': [
        'error',
        EXPORT_ALL,
        { selector: `ImportExpression[source.value=/\\/(${forbidden.join('|')})\\//]`, message },
      ],
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: forbidden.map((other) => `**/${other}/**`), message },
            { group: ['**/core/**', '!#core/*'], message: 'Import the core as #core/….' },
          ],
        },
      ],
    },
  };
});

/** The packages with too many files for the build to read them all. */
const BY_THEIR_FILES = [
  { name: 'date-fns', message: 'Import each function by its own file: date-fns/format.' },
  { name: 'lucide-react', message: 'Take icons from src/ui/icons.ts, and add there what is missing.', allowTypeImports: true },
];

/** The functions that write records, and the one folder that may call them: every change on a page goes the same way. */
const KEEPER = 'src/state/keeping/**';
const WRITERS = [
  {
    group: ['**/storage/writing/index.ts'],
    importNames: ['saveRecord', 'removeRecord'],
    message: 'Only src/state/keeping writes records: call keep().',
  },
  {
    group: ['**/storage/beside/index.ts'],
    importNames: ['keepUnwritten', 'forgetUnwritten'],
    message: 'Only src/state/keeping leaves records for the next page: call keep() or keepAhead().',
  },
];

export default tseslint.config(
  { ignores: ['dist', 'test-results', '.astro', 'node_modules', 'src/validation/compiled/*.js', '**/*.astro'] },
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
    rules: {
      'no-restricted-syntax': ['error', EXPORT_ALL],
      '@typescript-eslint/no-restricted-imports': ['error', { paths: BY_THEIR_FILES }],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['src/storage/beside/beside.ts', 'src/design/theme.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        { name: 'localStorage', message: 'A browser may refuse it: go through src/storage/beside/beside.ts.' },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: [KEEPER, 'src/storage/**'],
    rules: { '@typescript-eslint/no-restricted-imports': ['error', { paths: BY_THEIR_FILES, patterns: WRITERS }] },
  },
  // These two rules need types, which takes a minute for all files: a switch is checked where one is written, and promises where there can
  // be any. The core has none (the next rule enforces that).
  { files: withSwitch, ...TYPED, rules: { '@typescript-eslint/switch-exhaustiveness-check': 'error' } },
  { files: ['src/**/*.{ts,tsx}'], ...TYPED, rules: { '@typescript-eslint/no-floating-promises': 'error' } },
  { files: ['core/**/*.ts'], rules: { 'no-restricted-syntax': ['error', EXPORT_ALL, ...PROMISES] } },
  // The compiler behind the rules of hooks reads every function, so it runs only where components and hooks are.
  { files: withHooks, plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  { files: ['tests/**', 'scripts/**', '*.mjs', '*.js'], rules: { 'max-lines-per-function': 'off', 'no-undef': 'off' } },
  { files: ['core/**/*.ts'], rules: { complexity: ['error', 10] } },
  { files: ['core/**/*.ts'], plugins: { rooms: { rules: { arrows } } }, rules: { 'rooms/arrows': 'error' } },
  { files: ['src/**/*.{ts,tsx}'], plugins: { rooms: { rules: { doors } } }, rules: { 'rooms/doors': 'error' } },
  ...appRules,
);
