import js from '@eslint/js'
import { createNodeResolver, importX } from 'eslint-plugin-import-x'
import a11y from 'eslint-plugin-jsx-a11y-x'
import hooks from 'eslint-plugin-react-hooks'
import ts from 'typescript-eslint'

export default ts.config(
  { ignores: ['dist', 'node_modules', 'src/api/schema.d.ts'] },
  js.configs.recommended,
  ...ts.configs.strict,
  hooks.configs.flat.recommended,
  a11y.configs.recommended,
  {
    plugins: { 'import-x': importX },
    settings: { 'import-x/resolver-next': [createNodeResolver({ extensions: ['.ts', '.tsx', '.js'] })] },
    rules: {
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'import-x/no-cycle': 'error',
      // Only fields that a press has just opened take the focus: that is where the person's next key goes.
      'jsx-a11y-x/no-autofocus': 'off',
      // What is dragged on the page and moved by arrows has the role of an application.
      'jsx-a11y-x/no-noninteractive-tabindex': ['error', { roles: ['application'], tags: [] }],
      'jsx-a11y-x/no-noninteractive-element-interactions': 'off',
    },
  },
)
