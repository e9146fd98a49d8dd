import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import tseslint from 'typescript-eslint'

/** The engine's runtime is under another licence: it runs in a worker of its own, and messages go between. */
const OF_THE_HAND = ['@php-wasm/*', '**/hand/worker*']

/** What a worker finds without importing it. */
const OF_A_WORKER = ['self', 'fetch', 'caches', 'AbortSignal', 'Response', 'URL', 'WebAssembly', 'THE_SHELL', 'THE_ENGINE']

/** Who may use whom (ARCHITECTURE.md): each layer names what it must not import. */
const layer = (files, forbidden) => ({
  files: [`src/${files}/**/*.{ts,tsx}`],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [...forbidden, ...OF_THE_HAND].map((group) => ({
          group: [group],
          message: `src/${files} must not use ${group}`,
        })),
      },
    ],
  },
})

export default tseslint.config(
  { ignores: ['node_modules', 'src/api/schema.d.ts', 'eslint.config.js', 'vite.config.ts'] },
  js.configs.recommended,
  ...tseslint.configs.strictTypeChecked,
  hooks.configs.flat['recommended-latest'],
  {
    languageOptions: { parserOptions: { project: './tsconfig.json', tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      'max-lines-per-function': ['error', { max: 90, skipBlankLines: true, skipComments: true }],
    },
  },
  { files: ['src/**/*.tsx'], rules: { 'max-lines': ['error', { max: 240, skipBlankLines: true, skipComments: true }] } },
  { files: ['src/**/*.test.ts'], rules: { 'max-lines-per-function': 'off' } },
  layer('domain', [
    'react',
    'react-*',
    'radix-ui',
    '@tanstack/*',
    '**/api/**',
    '**/ui/**',
    '**/drawing/**',
    '**/features/**',
    '**/app/**',
  ]),
  layer('drawing', ['radix-ui', '@tanstack/*', '**/api/**', '**/ui/**', '**/features/**', '**/app/**']),
  layer('engine', [
    'react-router',
    'radix-ui',
    '@tanstack/*',
    '**/ui/**',
    '**/drawing/**',
    '**/features/**',
    '**/views/**',
    '**/app/**',
  ]),
  layer('api', ['radix-ui', '**/ui/**', '**/drawing/**', '**/features/**', '**/app/**']),
  layer('ui', ['@tanstack/*', '**/api/**', '**/drawing/**', '**/features/**', '**/app/**']),
  {
    files: ['hand/**/*.js', 'sw/**/*.js'],
    ...tseslint.configs.disableTypeChecked,
    languageOptions: {
      globals: Object.fromEntries(OF_A_WORKER.map((name) => [name, 'readonly'])),
      parserOptions: { project: null },
    },
  },
  layer('app', []),
  layer('views', []),
  layer('features', ['**/app/**', '../../features/**', '../*/**/features/**']),
)
