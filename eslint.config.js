import js from '@eslint/js'
import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript'
import imports from 'eslint-plugin-import-x'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

const HOME = './app/frontend'
// From the ground up: each may import those before it, and none after.
const LAYERS = ['api', 'units', 'ui', 'plan', 'ladder', 'drawing', 'rungs', 'shell', 'rooms', 'entrypoints']
const DRAWING = ['scale', 'figures', 'grips', 'views']
// The screens of one plan open each other; every other room stands alone.
const OF_A_PLAN = ['plan', 'load', 'cab', 'rigging', 'working']
const ALONE = ['board', 'charts', 'store']

const order = (names, home) =>
  names.slice(0, -1).map((name, index) => ({
    target: `${home}/${name}`,
    from: names.slice(index + 1).map((above) => `${home}/${above}`),
    message: `${name} stands below it`,
  }))

export default ts.config(
  { ignores: ['public', 'node_modules', 'app/frontend/api/*.generated.ts', 'tmp', 'coverage', 'vendor'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  { files: ['app/frontend/**/*.{ts,tsx}'], ...hooks.configs.flat.recommended },
  {
    files: ['app/frontend/**/*.{ts,tsx}'],
    plugins: { 'import-x': imports },
    settings: { 'import-x/resolver-next': [createTypeScriptImportResolver()] },
    rules: {
      'import-x/no-cycle': 'error',
      'import-x/no-restricted-paths': [
        'error',
        {
          zones: [
            ...order(LAYERS, HOME),
            ...order(DRAWING, `${HOME}/drawing`),
            ...ALONE.map((room) => ({
              target: `${HOME}/rooms/${room}`,
              from: [...ALONE, ...OF_A_PLAN]
                .filter((one) => one !== room)
                .map((one) => `${HOME}/rooms/${one}`),
              message: 'rooms do not know each other',
            })),
            ...OF_A_PLAN.map((room) => ({
              target: `${HOME}/rooms/${room}`,
              from: ALONE.map((one) => `${HOME}/rooms/${one}`),
              message: 'rooms do not know each other',
            })),
          ],
        },
      ],
      'max-lines': ['error', 250],
      'max-lines-per-function': ['error', 150],
      'max-len': ['error', { code: 110, ignorePattern: '^import ' }],
    },
  },
  { files: ['script/*.mjs'], languageOptions: { globals: { console: 'readonly', process: 'readonly' } } },
)
