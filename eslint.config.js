import js from '@eslint/js'
import prettier from 'eslint-config-prettier'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

/** Components; all else is looked at by oxlint (.oxlintrc.json), whose rules these mirror. */
export default ts.config(
  { ignores: ['dist', 'reports', 'test-results', 'node_modules', 'core/recipe/kernel'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  prettier,
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: ts.parser }, globals: globals.browser },
    rules: {
      'vue/no-v-html': 'error',
      'vue/max-attributes-per-line': 'off',
      // One set of controls: what the browser has of its own looks and works otherwise everywhere.
      'vue/no-restricted-html-elements': [
        'error',
        ...['select', 'input', 'textarea', 'dialog', 'progress', 'meter'].map((element) => ({
          element,
          message: `Use Element Plus, or a part of app/parts/field; no <${element}>.`,
        })),
        { element: 'details', message: 'Use app/parts/FoldOut.vue; no <details>.' },
      ],
      'vue/no-restricted-static-attribute': [
        'error',
        { key: 'title', element: '/^[a-z]/', message: 'Use v-tip.' },
      ],
      'vue/no-restricted-v-bind': [
        'error',
        { argument: 'title', element: '/^[a-z]/', message: 'Use v-tip.' },
      ],
    },
  },
  {
    files: ['**/*.vue'],
    rules: {
      'no-undef': 'off',
      'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-unused-vars': [
        'error',
        { ignoreRestSiblings: true, varsIgnorePattern: '^_', argsIgnorePattern: '^_' },
      ],
      // One place makes workers, and one way asks them.
      'no-restricted-globals': [
        'error',
        { name: 'Worker', message: 'Workers are made in app/workers/threads.ts.' },
      ],
      'no-restricted-imports': [
        'error',
        {
          paths: [
            {
              name: 'comlink',
              importNames: ['wrap'],
              message: 'Ask through `threads` (app/workers/threads.ts).',
            },
          ],
        },
      ],
    },
  },
)
