import vue from 'eslint-plugin-vue'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['dist', 'data', 'node_modules', 'test-results', 'src/client/components.d.ts'] },
  ...tseslint.configs.recommended,
  ...vue.configs['flat/recommended'],
  {
    files: ['**/*.vue'],
    languageOptions: { parserOptions: { parser: tseslint.parser } },
  },
  {
    rules: {
      eqeqeq: 'error',
      'no-console': 'error',
      'prefer-const': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-exports': ['error', { restrictDefaultExports: { direct: true } }],
      'max-len': ['error', { code: 120 }],
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-self-closing': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/multiline-html-element-content-newline': 'off',
    },
  },
  { files: ['**/*.vue'], rules: { 'max-len': 'off', 'vue/max-len': ['error', { code: 120 }] } },
  {
    files: ['src/client/**/*.vue'],
    rules: {
      'vue/no-restricted-syntax': [
        'error',
        {
          selector:
            'VElement[name=/^(input|textarea)$/] > VStartTag:has(VAttribute[key.argument.name="value"])' +
            ':has(VAttribute[key.name.name="on"][key.argument.name="change"])' +
            ':not(:has(VAttribute[key.name="type"][value.value=/^(checkbox|radio|file|range)$/]))',
          message: 'What is being typed is lost when anything is told anew: use EntryInput, or v-model.lazy.',
        },
      ],
    },
  },
  { files: ['**/*.config.{ts,mjs}', '**/*.setup.ts', '**/*.vue'], rules: { 'no-restricted-exports': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts', '**/*.testkit.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        ...['window', 'document', 'process', 'fetch', 'setTimeout', 'setInterval', 'crypto', 'performance'],
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Randomness comes in as an argument.' },
        { object: 'Date', property: 'now', message: 'Time comes in as an argument.' },
      ],
      'no-restricted-syntax': [
        'error',
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Time comes in as an argument.' },
      ],
    },
  },
)
