import withNuxt from './.nuxt/eslint.config.mjs'
import { arrows } from './scripts/lint/arrows.mjs'

/** An arrow that must not be drawn from one room of the project to another. */
const forbid = (files, patterns, extra = []) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      { patterns: [...patterns.map(([group, message]) => ({ group, message })), ...extra] },
    ],
  },
})

export default withNuxt(
  {
    rules: {
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/attributes-order': 'off',
      'vue/multi-word-component-names': 'off',
      'vue/first-attribute-linebreak': 'off',
      // a room's body is a named type, inferred from its schema
      '@typescript-eslint/no-empty-object-type': ['error', { allowInterfaces: 'with-single-extends' }],
    },
  },
  // answers from outside are looked into freely by tests
  { files: ['tests/**/*.ts'], rules: { '@typescript-eslint/no-explicit-any': 'off' } },
  forbid(
    ['core/**/*.ts'],
    [
      [
        ['vue', 'vue-router', 'pinia', '#app', '#imports', 'nuxt', 'nuxt/*', 'element-plus', '@vueuse/*'],
        'core/ holds computation only: no interface code.',
      ],
      [['better-sqlite3', 'node:*', 'fs', 'path'], 'core/ knows no storage and no machine.'],
      [
        ['**/server/**', '**/app/**', '**/demo/**', '~/*', '#shared/*', '**/shared/**'],
        'core/ may import only core/, Zod and small numeric libraries.',
      ],
    ],
  ),
  {
    files: ['core/**/*.ts'],
    plugins: { core: { rules: { arrows } } },
    rules: {
      'core/arrows': 'error',
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'localStorage', 'fetch', 'process', 'setTimeout', 'performance'].map(name => ({
          name,
          message: 'core/ is pure: no DOM, no clock, no machine.',
        })),
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'core/ has no clock.' },
        { object: 'Math', property: 'random', message: 'core/ has no randomness without a seed.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: 'NewExpression[callee.name="Date"][arguments.length=0]', message: 'core/ has no clock.' },
      ],
    },
  },
  forbid(
    ['shared/**/*.ts'],
    [
      [
        ['vue', 'pinia', 'better-sqlite3', '**/server/**', '**/app/**', '~/*'],
        'shared/ may import only core/ and Zod.',
      ],
    ],
  ),
  forbid(
    ['server/**/*.ts'],
    [
      [
        ['vue', 'pinia', 'element-plus', '~/*', '**/app/**', '**/demo/**'],
        'server/ may import core/ and shared/, not the interface or the demo shop.',
      ],
    ],
  ),
  forbid(
    ['app/**/*.{ts,vue}'],
    [
      [
        ['better-sqlite3', '**/server/**', '**/demo/**', 'node:*'],
        'app/ may import core/ and shared/, not the server.',
      ],
    ],
  ),
)
