import { readdirSync } from 'node:fs';
import tseslint from 'typescript-eslint';
import imports from 'eslint-plugin-import-x';

/** The house's one-way imports: from each folder, what it may not reach. */
const zone = (target, from, message) => ({ target, from, message });
const outside = ['./app', './features', './client', './services', './data', './ui', './workers', './scripts', './tests', './standins'];
/** Every folder of core/families is a family: a new one needs no line here. */
const families = readdirSync(new URL('./core/families', import.meta.url), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);
/** A desk is a folder of features; every desk stands in the shell. */
const desks = readdirSync(new URL('./features', import.meta.url)).filter((name) => name !== 'shell');
/** All that is no family reaches one through the registry alone. A worksheet may calculate as one family does; an alternative sets two against each other. */
const noFamily = [
  ...readdirSync(new URL('./core', import.meta.url))
    .filter((name) => !['families', 'worksheets', 'alternatives'].includes(name) && !name.includes('.test.'))
    .map((name) => `./core/${name}`),
  ...outside.filter((folder) => !['./tests', './scripts'].includes(folder)),
];

/** What an effect answers is called when it ends: an answer of the browser's that is none today may be one tomorrow. */
const effectsAnswer = {
  selector: 'CallExpression[callee.name=/^use(Layout)?Effect$/] > ArrowFunctionExpression > :matches(CallExpression, ChainExpression).body',
  message: 'An effect hands on what this call answers. Put it in braces, or void before it.',
};

export default tseslint.config(
  { ignores: ['node_modules', '.next', '.next*/**', '.loyal-coil', 'next-env.d.ts'] },
  ...tseslint.configs.recommended,
  {
    plugins: { import: imports },
    settings: {
      'import-x/resolver-next': [
        {
          interfaceVersion: 3,
          name: 'house',
          resolve(source, file) {
            if (source.startsWith('@/')) return { found: true, path: new URL(`./${source.slice(2)}`, import.meta.url).pathname };
            if (source.startsWith('.')) return { found: true, path: new URL(source, `file://${file}`).pathname };
            return { found: false };
          },
        },
      ],
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      'no-console': 'off',
      'import/no-restricted-paths': [
        'error',
        {
          basePath: import.meta.dirname,
          zones: [
            ...outside.map((from) => zone('./core', from, 'core knows the trade and nothing of the outside')),
            ...families.flatMap((own) =>
              families
                .filter((other) => other !== own)
                .map((other) => zone(`./core/families/${own}`, `./core/families/${other}`, 'a family never imports another family')),
            ),
            ...families.flatMap((own) =>
              ['registry', 'plates'].map((list) =>
                zone(`./core/families/${own}`, `./core/families/${list}`, 'a family does not know the list that it stands in'),
              ),
            ),
            ...noFamily.flatMap((folder) =>
              families.map((family) => zone(folder, `./core/families/${family}`, 'a family is reached through the registry')),
            ),
            ...['./app', './features', './client', './services', './ui', './workers'].map((from) =>
              zone('./data', from, 'data knows only core types'),
            ),
            ...['./app', './features', './client', './ui'].map((from) => zone('./services', from, 'services do not know screens')),
            ...['./app', './features', './client', './services', './data'].map((from) => zone('./ui', from, 'ui draws what it is handed')),
            ...['./app', './features', './ui', './data'].map((from) =>
              zone('./client', from, 'client talks to the server and draws nothing'),
            ),
            ...['./app', './data'].map((from) => zone('./features', from, 'a desk is shown by a route and reads through the client')),
            ...desks.flatMap((own) =>
              desks
                .filter((other) => other !== own)
                .map((other) => zone(`./features/${own}`, `./features/${other}`, 'a desk does not know another desk')),
            ),
            ...['./app', './features', './client', './services', './data', './ui'].map((from) =>
              zone('./workers', from, 'workers run the core'),
            ),
            zone('./app', './data', 'app calls services'),
          ],
        },
      ],
    },
  },
  {
    // Tests may hold two sides against each other.
    files: ['**/*.test.{ts,tsx}', 'tests/**'],
    rules: { 'import/no-restricted-paths': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    rules: {
      'no-restricted-imports': ['error', { patterns: ['react*', 'next*', 'knex*', 'pg', 'node:*', '@mui/*', 'chart.js'] }],
      'no-restricted-globals': ['error', 'fetch', 'process', 'window', 'document'],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'the core has no clock' },
        { object: 'Math', property: 'random', message: 'randomness is handed in' },
      ],
    },
  },
  {
    // The component library carries what is pressed, typed into, chosen from and listed; a drawing may have its own, with its reason.
    files: ['features/**/*.tsx', 'ui/**/*.tsx', 'app/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: 'JSXOpeningElement[name.name=/^(button|input|select|textarea|table)$/]',
          message: 'Take the library’s, as ui/forms has it; where a drawing needs its own, say why beside the line that allows it.',
        },
        effectsAnswer,
      ],
    },
  },
  {
    files: ['features/**/*.ts', 'ui/**/*.ts', 'client/**/*.{ts,tsx}'],
    ignores: ['**/*.test.ts'],
    rules: { 'no-restricted-syntax': ['error', effectsAnswer] },
  },
  {
    // A transaction has one connection: what is asked at once on it only stands in line, and the driver will refuse it one day.
    files: ['services/**/*.ts', 'data/**/*.ts', 'scripts/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "CallExpression[callee.object.name='Promise'][callee.property.name=/^all/] Identifier[name='trx']",
          message: 'A transaction has one connection: ask one thing after the other.',
        },
      ],
    },
  },
  {
    // A function is short enough to hold in the head, and a component too; a component that needs more than this is several. A migration is a list.
    files: ['core/**/*.ts', 'services/**/*.ts', 'data/**/*.ts', 'client/**/*.ts', 'workers/**/*.ts'],
    ignores: ['**/*.test.ts', 'data/demo/**', 'data/migrations/**'],
    rules: { 'max-lines-per-function': ['error', { max: 60 }] },
  },
  {
    files: ['features/**/*.tsx', 'ui/**/*.tsx', 'app/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'max-lines-per-function': ['error', { max: 100 }],
      'import/max-dependencies': ['error', { max: 15, ignoreTypeImports: true }],
    },
  },
  {
    // On the reader's device a service is a type: what it answers.
    files: ['features/**/*.{ts,tsx}', 'client/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['@/services/*', '**/services/*'], allowTypeImports: true, message: 'a desk knows only the types of services' },
          ],
        },
      ],
    },
  },
  {
    files: ['features/**/*.tsx', 'ui/**/*.tsx', 'app/**/*.tsx'],
    ignores: ['ui/shell/Link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        { paths: [{ name: 'next/link', message: 'a link is ui/shell/Link: it asks for no page that nobody goes to' }] },
      ],
    },
  },
  { files: ['core/**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
);
