import boundaries from 'eslint-plugin-boundaries';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import prettier from 'eslint-config-prettier';
import ts from 'typescript-eslint';

// Who may lean on whom among the folders of src: each only on those named, and never back.
const leans = {
  api: [],
  base: [],
  stick: ['api'],
  kit: ['base'],
  film: ['api', 'base', 'kit', 'stick'],
  parts: ['api', 'base', 'kit', 'stick'],
  log: ['api', 'base', 'kit', 'film', 'parts', 'stick'],
  plan: ['api', 'base', 'kit', 'parts'],
  roll: ['api', 'base', 'kit', 'film', 'parts', 'stick'],
  matches: ['api', 'base', 'kit', 'parts', 'stick'],
  partners: ['api', 'base', 'kit', 'parts', 'stick'],
  keeping: ['api', 'base', 'kit', 'stick'],
  pages: [
    'api',
    'base',
    'kit',
    'film',
    'parts',
    'stick',
    'log',
    'plan',
    'roll',
    'matches',
    'partners',
    'keeping',
  ],
};

export default ts.config(
  { ignores: ['node_modules', 'src/api/schema.d.ts'] },
  ...ts.configs.recommended,
  ...svelte.configs.recommended,
  prettier,
  ...svelte.configs.prettier,
  {
    languageOptions: { globals: globals.browser },
    linterOptions: { reportUnusedDisableDirectives: 'error' },
    rules: {
      'max-lines': ['error', { max: 300, skipBlankLines: true }],
      'svelte/require-each-key': 'error',
      // Links go through the router's own action.
      'svelte/no-navigation-without-resolve': 'off',
    },
  },
  {
    files: ['**/*.svelte', '**/*.svelte.ts'],
    languageOptions: { parserOptions: { parser: ts.parser } },
  },
  {
    files: ['src/**/*.{ts,svelte}'],
    plugins: { boundaries },
    settings: {
      'import/resolver': { typescript: { extensions: ['.ts', '.svelte', '.d.ts'] } },
      'boundaries/elements': Object.keys(leans).map((folder) => ({
        type: folder,
        pattern: `src/${folder}/**`,
        partialMatch: false,
      })),
    },
    rules: {
      // What stands in no folder may not be leaned on: App and main stand above them all.
      'boundaries/no-unknown-dependencies': 'error',
      'boundaries/dependencies': [
        'error',
        {
          default: 'disallow',
          policies: Object.entries(leans).map(([from, on]) => ({
            from: { element: { type: from } },
            allow: [{ to: { element: { type: [...on, from] } } }],
          })),
        },
      ],
    },
  },
);
