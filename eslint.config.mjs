import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['**/node_modules', '**/dist', '**/.joined', 'data', 'test-results', 'playwright-report', 'coverage'] },
  js.configs.recommended,
  tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-syntax': ['error', { selector: 'TSEnumDeclaration', message: 'Use a union of literals.' }],
    },
  },
  { files: ['web/**/*.{ts,tsx}'], plugins: { 'react-hooks': hooks }, rules: hooks.configs.recommended.rules },
  {
    files: ['web/src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.*'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'crypto', property: 'randomUUID', message: 'Absent where a page is not encrypted: take v4 of uuid.' },
        { object: 'crypto', property: 'subtle', message: 'Absent where a page is not encrypted.' },
      ],
    },
  },
  {
    files: ['scripts/**', '**/*.mjs', '**/*.cjs', '**/*.config.ts'],
    languageOptions: {
      globals: {
        process: 'readonly',
        console: 'readonly',
        URL: 'readonly',
        setTimeout: 'readonly',
        clearTimeout: 'readonly',
        fetch: 'readonly',
        module: 'readonly',
        performance: 'readonly',
        localStorage: 'readonly',
        document: 'readonly',
      },
    },
  },
)
