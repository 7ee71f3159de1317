import hooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';
import plainComment from './scripts/lint/plainComment.mjs';
import retiredWords from './scripts/lint/retiredWords.mjs';
import unconditionalExpectation from './scripts/lint/unconditionalExpectation.mjs';

export default tseslint.config(
  {
    ignores: ['**/dist/', '**/dist-dev/', '**/node_modules/', 'data/', '.cache/', 'test-results/'],
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...tseslint.configs.recommended, ...tseslint.configs.stylistic],
    linterOptions: { reportUnusedDisableDirectives: 'error' },
    plugins: {
      words: { rules: { 'plain-comment': plainComment, 'retired-words': retiredWords } },
    },
    rules: {
      'words/plain-comment': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/ban-ts-comment': 'error',
      'max-lines': ['error', { max: 260, skipBlankLines: true }],
      eqeqeq: ['error', 'always'],
    },
  },
  {
    files: ['core/src/**/*.ts'],
    ignores: ['core/src/**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'process', 'Buffer', 'fetch'],
      '@typescript-eslint/no-non-null-assertion': 'error',
    },
  },
  {
    files: ['**/*.test.ts', '**/*.test.tsx', '**/*.spec.ts'],
    plugins: { ours: { rules: { 'unconditional-expectation': unconditionalExpectation } } },
    // A test asserts; a value that is not there fails it, which is what is wanted.
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'off',
      'max-lines': 'off',
      'ours/unconditional-expectation': ['error', { helpers: ['isSaved', 'stepIsShown'] }],
    },
  },
  {
    files: ['server/src/**/*.ts'],
    ignores: ['server/src/**/*.test.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    // A promise without anybody who catches it ends the server.
    rules: { '@typescript-eslint/no-floating-promises': ['error', { ignoreVoid: false }] },
  },
  {
    files: ['web/src/**/*.ts', 'web/src/**/*.tsx'],
    plugins: { 'react-hooks': hooks },
    rules: {
      ...hooks.configs.recommended.rules,
      // TanStack Table's hook is not memoized by the React compiler, which this build does not use.
      'react-hooks/incompatible-library': 'off',
    },
  },
  {
    files: ['web/src/**/*.ts', 'web/src/**/*.tsx', 'core/src/**/*.ts', 'server/src/**/*.ts'],
    // Painters' own words, and names of stored values, are no sentences of the screen.
    ignores: [
      '**/*.test.ts',
      '**/*.test.tsx',
      '**/testing/**',
      '**/any*.ts',
      'core/src/answers/shorthand/**',
      '**/demo/**',
    ],
    rules: { 'words/retired-words': 'error' },
  },
);
