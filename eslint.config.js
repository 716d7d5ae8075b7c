import js from '@eslint/js'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['public', 'node_modules', 'app/frontend/api/*.generated.ts', 'tmp', 'coverage'] },
  js.configs.recommended,
  ...ts.configs.recommended,
  { files: ['app/frontend/**/*.{ts,tsx}'], ...hooks.configs.flat.recommended },
  { files: ['script/*.mjs'], languageOptions: { globals: { console: 'readonly', process: 'readonly' } } },
)
