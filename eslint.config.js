import js from '@eslint/js';
import prettier from 'eslint-config-prettier/flat';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist*', 'node_modules', 'data', 'server/db/migrations', 'server/db/projections', 'test-results', '.cache'] },
  js.configs.recommended,
  {
    files: ['**/*.{ts,tsx}'],
    extends: [...ts.configs.recommendedTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      // An area adds its refusal codes to the registry by an interface that only extends.
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      'object-shorthand': ['error', 'properties'],
      'no-useless-rename': 'error',
      'max-params': ['error', { max: 4 }],
      // A name is what it stands for; a, b only in an order of two.
      'no-restricted-syntax': [
        'error',
        {
          selector: ':matches(VariableDeclarator > Identifier.id, :function > Identifier.params)[name=/^(one|other|that|of)$/]',
          message: 'name what it is',
        },
      ],
    },
  },
  {
    files: ['**/*.test.{ts,tsx}', 'e2e/**', 'bench/**'],
    rules: {
      '@typescript-eslint/no-unsafe-assignment': 'off',
      '@typescript-eslint/no-unsafe-member-access': 'off',
      '@typescript-eslint/no-unsafe-argument': 'off',
      '@typescript-eslint/no-unsafe-call': 'off',
      '@typescript-eslint/no-unsafe-return': 'off',
    },
  },
  // A data table is as long as its data.
  // A component that does not fit on a screen is several.
  { files: ['web/**/*.tsx'], ignores: ['**/*.test.tsx'], rules: { 'max-lines-per-function': ['error', { max: 120 }] } },
  { files: ['demo/species.ts'], rules: { 'max-lines': 'off' } },
  { files: ['web/**/*.{ts,tsx}'], extends: [hooks.configs.flat.recommended] },
  // Keys are bound through web/keys alone, so that the list of keys cannot miss one.
  {
    files: ['web/**/*.{ts,tsx}'],
    ignores: ['web/keys/useKey.ts'],
    rules: { 'no-restricted-imports': ['error', { paths: [{ name: 'react-hotkeys-hook', message: 'use web/keys/useKey.ts' }] }] },
  },
  { files: ['**/*.{js,mjs,cjs}'], languageOptions: { globals: globals.node } },
  prettier,
);
