import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

/**
 * What is delivered is judged by its types as well. Components are left to vue-tsc, as this lint needs three minutes for them;
 * tests are judged by what they assert.
 */
const TYPED = { files: ['src/**/*.ts', 'server/**/*.ts'], ignores: ['**/*.test.ts'] };

export default ts.config(
  { ignores: ['dist', 'node_modules', '.cache', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
  ...ts.configs.strictTypeChecked
    .filter(({ rules }) => rules)
    .map(({ rules }) => ({ ...TYPED, rules })),
  prettier,
  {
    files: ['**/*.{ts,vue}'],
    languageOptions: {
      parserOptions: { parser: ts.parser },
      globals: globals.browser,
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      eqeqeq: ['error', 'always'],
      'no-console': 'error',
      'vue/multi-word-component-names': 'off',
      'vue/require-default-prop': 'off',
      'vue/no-unused-properties': ['error', { groups: ['props'] }],
      // The compiler and the type check know these better.
      'no-undef': 'off',
    },
  },
  {
    ...TYPED,
    languageOptions: {
      parserOptions: { project: 'tsconfig.lint.json', extraFileExtensions: ['.vue'] },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_+$' }],
      // What a callback sets meanwhile is taken for constant, and what an older browser lacks for there.
      '@typescript-eslint/no-unnecessary-condition': 'off',
      // A parameter of a type names what goes in, also where it does not come out.
      '@typescript-eslint/no-unnecessary-type-parameters': 'off',
      // What is read only to hear of its changes says so by `void`.
      '@typescript-eslint/no-meaningless-void-operator': 'off',
      // A number in a sentence is written as it is read.
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidReturningFunctions: true },
      ],
    },
  },
  {
    files: ['scripts/**/*.mjs', '*.config.js', '.dependency-cruiser.mjs'],
    languageOptions: { globals: globals.node },
  },
  {
    // Core computes in Node and in workers: it may not name the page, its storage or the network.
    files: ['src/core/**/*.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'navigator', 'location', 'localStorage', 'sessionStorage'],
        ...['indexedDB', 'fetch', 'XMLHttpRequest', 'WebSocket', 'alert', 'self', 'history'],
      ],
    },
  },
);
