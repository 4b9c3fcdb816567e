import js from '@eslint/js';
import query from '@tanstack/eslint-plugin-query';
import jsxA11y from 'eslint-plugin-jsx-a11y';
import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

export default tseslint.config(
  { ignores: ['dist', 'src/api/schema.ts', '*.js', '.*.cjs'] },
  js.configs.recommended,
  tseslint.configs.recommendedTypeChecked,
  reactHooks.configs.flat['recommended-latest'],
  jsxA11y.flatConfigs.recommended,
  query.configs['flat/recommended'],
  {
    languageOptions: { parserOptions: { projectService: { allowDefaultProject: ['*.ts'] }, tsconfigRootDir: import.meta.dirname } },
    rules: {
      // a panel that opens on a press puts the focus into its first field; nothing takes it when a page comes up
      'jsx-a11y/no-autofocus': 'off',
      // speaks to a compiler that is not used here
      'react-hooks/incompatible-library': 'off',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
    },
  },
);
