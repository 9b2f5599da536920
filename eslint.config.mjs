import nextVitals from 'eslint-config-next/core-web-vitals';
import nextTypescript from 'eslint-config-next/typescript';
import prettier from 'eslint-config-prettier';
import tseslint from 'typescript-eslint';

const config = [
  {
    ignores: [
      '.next/',
      'node_modules/',
      'next-env.d.ts',
      'test-results/',
      'coverage/',
      'data/',
      'docs/',
      '.dependency-cruiser.cjs',
    ],
  },
  ...nextVitals,
  ...nextTypescript,
  ...tseslint.configs.recommendedTypeChecked,
  {
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      eqeqeq: ['error', 'always', { null: 'ignore' }],
      'no-restricted-globals': ['error', 'name', 'event'],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/switch-exhaustiveness-check': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      // Event handlers that return promises are marked with void where they are called.
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
  {
    // The core is pure: no clock, no chance, no console.
    files: ['core/**/*.ts'],
    rules: {
      'no-console': 'error',
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'The core takes randomness as an argument.' },
        { object: 'Date', property: 'now', message: 'The core takes the time as an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core takes the time as an argument.',
        },
      ],
    },
  },
  {
    // Slices and sizes are counted by the loops that use them: a value that is not there would be a fault, not a 0.
    files: ['core/dirt/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector:
            "LogicalExpression[operator='??'][left.type='MemberExpression'][left.computed=true][right.type='Literal']",
          message: 'An index that is counted is in range: write list[index]!, and let a fault show.',
        },
        {
          selector: "NewExpression[callee.name='Date'][arguments.length=0]",
          message: 'The core takes the time as an argument.',
        },
      ],
    },
  },
  // Playwright's fixtures call a function named use; it is no React hook.
  { files: ['e2e/**/*.ts'], rules: { 'react-hooks/rules-of-hooks': 'off' } },
  { files: ['scripts/**/*.mjs', '*.mjs', 'public/**/*.js'], ...tseslint.configs.disableTypeChecked },
  prettier,
];

export default config;
