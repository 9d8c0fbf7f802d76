import next from '@next/eslint-plugin-next'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  {
    ignores: [
      '**/node_modules/',
      '**/.next/',
      'web/.jobs/',
      'web/public/',
      '.hitchet/',
      'web/next-env.d.ts',
      '*.tmp.mjs',
    ],
  },
  tseslint.configs.recommended,
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      eqeqeq: 'error',
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
      'no-console': ['error', { allow: ['error'] }],
      'max-len': ['error', { code: 140, ignoreUrls: true }],
    },
  },
  {
    // With types: a promise that nobody waits for fails where nobody sees it.
    files: ['{cli,core,demo,e2e,scripts}/**/*.ts', 'web/**/*.{ts,tsx}'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/await-thenable': 'error',
    },
  },
  { files: ['cli/**', 'scripts/**', 'web/server/tasks/**', 'web/server/testing/**'], rules: { 'no-console': 'off' } },
  {
    // What does not fit on two screens, or forks more than twenty times, holds two ideas; an exception says why it is one.
    files: ['{cli,core,scripts}/**/*.ts', 'web/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    rules: {
      'max-lines-per-function': ['error', { max: 120, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 20],
    },
  },
  { files: ['**/*.test.ts', '**/*.test.tsx', 'e2e/**'], rules: { '@typescript-eslint/no-explicit-any': 'off' } },
  {
    files: ['web/**/*.{ts,tsx}'],
    plugins: { '@next/next': next, 'react-hooks': hooks },
    rules: {
      ...next.configs.recommended.rules,
      ...hooks.configs.recommended.rules,
      '@next/next/no-html-link-for-pages': 'off',
    },
  },
)
