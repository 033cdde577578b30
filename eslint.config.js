import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import vue from 'eslint-plugin-vue';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  { ignores: ['dist', 'node_modules', '.cache', 'test-results', 'playwright-report'] },
  js.configs.recommended,
  ...ts.configs.strict,
  ...vue.configs['flat/recommended'],
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
