import { defineConfig, globalIgnores } from 'eslint/config'
import next from 'eslint-config-next'
import nextTs from 'eslint-config-next/typescript'

export default defineConfig([
  globalIgnores(['.next/**', '.data/**', '.test/**', 'docs/**', 'next-env.d.ts', 'node_modules/**']),
  ...next,
  ...nextTs,
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
    },
  },
  {
    // The core takes its clock and chance as arguments and has no runtime of its own.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
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
        { selector: 'ExportAllDeclaration', message: 'List each name by hand.' },
        { selector: "NewExpression[callee.name='Date']", message: 'The core takes the time as an argument.' },
      ],
    },
  },
  { files: ['**/*.cjs', 'scripts/**'], rules: { '@typescript-eslint/no-require-imports': 'off' } },
])
