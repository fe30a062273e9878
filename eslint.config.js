import { createTypeScriptImportResolver } from 'eslint-import-resolver-typescript';
import imports from 'eslint-plugin-import-x';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
    { ignores: ['resources/js/api/schema.d.ts'] },
    ...ts.configs.strictTypeChecked,
    {
        languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
        plugins: { 'react-hooks': hooks, 'import-x': imports },
        settings: {
            ...imports.flatConfigs.typescript.settings,
            'import-x/resolver-next': [createTypeScriptImportResolver({ project: './tsconfig.json' })],
        },
        rules: {
            ...hooks.configs.recommended.rules,
            'max-lines-per-function': ['error', { max: 150, skipBlankLines: true, skipComments: true }],
            '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
            '@typescript-eslint/no-confusing-void-expression': 'off',
            // What needs each other to be understood is one thing.
            'import-x/no-cycle': 'error',
            // A feature is entered by its index only.
            'no-restricted-imports': [
                'error',
                { patterns: [{ group: ['@features/*/*'], message: 'Import a feature by its index.' }] },
            ],
        },
    },
    {
        // What a page asks for is asked while its code is on its way, so it cannot be a part of it.
        files: ['resources/js/app/**'],
        rules: {
            'no-restricted-imports': [
                'error',
                { patterns: [{ group: ['@features/*/*', '!@features/*/queries'], message: 'Import a feature by its index.' }] },
            ],
        },
    },
    {
        files: ['resources/js/shared/**', 'resources/js/api/**'],
        rules: {
            'no-restricted-imports': [
                'error',
                { patterns: [{ group: ['@features/*'], message: 'Shared code knows no feature.' }] },
            ],
        },
    },
);
