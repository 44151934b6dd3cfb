import next from 'eslint-config-next'
import nextTs from 'eslint-config-next/typescript'
import { defineConfig, globalIgnores } from 'eslint/config'
import tseslint from 'typescript-eslint'

const TESTS = ['**/*.test.ts', '**/*.test.tsx', '**/testing/**', 'e2e/**']

// Quantities become text in one place, src/core/units: there they are rounded once and keep number and unit together.
const UNIT = '/^ ?(″|′|(lb|psf|psi|plf|mph|mm|kN|kPa)\\b|in\\.|in²|ft²|ft³|yd³|cu (ft|yd))/'
const WRITERS = ['src/core/units/**/*.ts', 'src/core/result/figures.ts']
const BY_HAND = 'Write quantities with fixed, upTo, quantity, about, stated or formatLength of core/units.'
const ONE_WRITER = [
  { selector: 'CallExpression[callee.property.name=/^(toFixed|toLocaleString|toPrecision)$/]', message: BY_HAND },
  { selector: "MemberExpression[object.name='Intl'][property.name='NumberFormat']", message: BY_HAND },
  { selector: `TemplateLiteral > TemplateElement:not(:first-child)[value.raw=${UNIT}]`, message: BY_HAND },
  { selector: `JSXExpressionContainer + JSXText[value=${UNIT}]`, message: BY_HAND },
]

// What is cut and what is bought is worked out in one place, src/core/sticks, and planned in src/core/columns.
const LENGTHS = '/^(cutLengthIn|buyLengthIn|stockIn)$/'
const ONE_SAW = ['left', 'right'].flatMap((side) =>
  ['name', 'property.name'].map((name) => ({
    selector: `BinaryExpression[operator=/^[-+*%\u002F]$/][${side}.${name}=${LENGTHS}]`,
    message: 'Lengths that are cut or bought come from src/core/sticks: no arithmetic on them elsewhere.',
  })),
)

export default defineConfig([
  globalIgnores([
    '.next/**',
    '.parts/**',
    '.data/**',
    '.test/**',
    'docs/**',
    'next-env.d.ts',
    'node_modules/**',
    'public/**',
  ]),
  ...next,
  ...nextTs,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-nested-ternary': 'error',
      'no-useless-rename': 'error',
      'object-shorthand': ['error', 'always', { avoidQuotes: true }],
      'max-params': ['error', 4],
      complexity: ['error', 15],
      'max-len': ['error', { code: 140, ignoreUrls: true }],
      'max-lines': ['error', { max: 400 }],
    },
  },
  {
    // With the compiler's types: promises nobody waits for, unions told apart without their last member.
    files: ['src/**/*.{ts,tsx}', 'e2e/**/*.ts', 'scripts/**/*.ts'],
    extends: [tseslint.configs.recommendedTypeCheckedOnly],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      // An interface may ask for a promise that one of its implementations has at hand.
      '@typescript-eslint/require-await': 'off',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true, requireDefaultForNonUnion: true },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: [...TESTS, ...WRITERS],
    rules: { 'no-restricted-syntax': ['error', ...ONE_WRITER] },
  },
  {
    // The core takes its clock and chance as arguments and has no runtime of its own.
    files: ['src/core/**/*.ts'],
    ignores: TESTS,
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'Buffer',
        'fetch',
        'localStorage',
        'performance',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
      ],
      'no-restricted-syntax': [
        'error',
        ...ONE_WRITER,
        ...ONE_SAW,
        { selector: 'ExportAllDeclaration', message: 'List each name by hand.' },
        { selector: "NewExpression[callee.name='Date']", message: 'The core takes the time as an argument.' },
      ],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    ignores: [...TESTS, ...WRITERS, 'src/core/sticks/**', 'src/core/columns/**', 'src/core/**'],
    rules: { 'no-restricted-syntax': ['error', ...ONE_WRITER, ...ONE_SAW] },
  },
  {
    // The saw itself, and the plan of its cuts.
    files: ['src/core/sticks/**/*.ts', 'src/core/columns/**/*.ts'],
    ignores: TESTS,
    rules: { 'no-restricted-syntax': ['error', ...ONE_WRITER] },
  },
  {
    // What runs in a browser runs on a yard's plain address too.
    files: ['src/{features,ui,workers,formats}/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'crypto', property: 'randomUUID', message: 'Not there over plain http: newId of formats/ids.' },
      ],
    },
  },
  {
    // The writer itself.
    files: WRITERS,
    rules: { 'no-restricted-syntax': 'off' },
  },
  {
    // Rows of a table test come as arguments; a test file may be as long as its tables.
    files: TESTS,
    rules: {
      'max-params': 'off',
      'max-lines': 'off',
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
      '@typescript-eslint/no-unnecessary-type-assertion': 'off',
    },
  },
  {
    // Programs that run inside the page are written as text.
    files: ['scripts/bench/browser.mjs', 'scripts/bench/pocket.mjs', 'e2e/**'],
    rules: { 'max-len': 'off' },
  },
  {
    files: ['**/*.cjs', 'scripts/**'],
    rules: {
      '@typescript-eslint/no-require-imports': 'off',
      '@typescript-eslint/no-unnecessary-type-assertion': 'off',
    },
  },
])
