import next from 'eslint-config-next';
import tseslint from 'typescript-eslint';

const MARKUP = ['src/{app,ui}/**/*.{ts,tsx}', 'tests/**/*.tsx'];

/** What no file may write. */
const FORBIDDEN_SYNTAX = [
  { selector: 'ExportAllDeclaration', message: 'Name what is exported.' },
  { selector: 'TSEnumDeclaration', message: 'Use a list as const.' },
];
/** Where a screen speaks to somebody. */
const SPEAKING = 'label|title|aria-label|placeholder|description|alt|note|text|heading|hint|says|button|noun';
const HOME = 'Sentences live in src/text: a screen takes them from there.';
const BARE_TEXT = [
  { selector: 'JSXText[value=/[A-Za-z]{2}/]', message: HOME },
  { selector: `JSXAttribute[name.name=/^(${SPEAKING})$/] > Literal[value=/[A-Za-z]{2}/]`, message: HOME },
  {
    selector: `JSXAttribute[name.name=/^(${SPEAKING})$/] > JSXExpressionContainer > :matches(Literal[value=/[A-Za-z]{2}/], TemplateLiteral)`,
    message: HOME,
  },
];
/** A word that stands there in one case only. */
const CASES = [
  {
    selector: `:matches(JSXElement, JSXFragment, JSXAttribute[name.name=/^(${SPEAKING})$/]) > JSXExpressionContainer > :matches(ConditionalExpression, LogicalExpression, :matches(ConditionalExpression, LogicalExpression) > ConditionalExpression) > Literal[value=/[A-Za-z]{2}/]`,
    message: HOME,
  },
];
/** Two words and more, one of them after a space: a sentence, or a part of one. What an error of ours says to its developer is none. */
const SENTENCE = '/[A-Za-z]{2,}[,.:;!?]? [A-Za-z]{2,}/';
const OF_A_DEVELOPER =
  ':not(:matches(ExpressionStatement > *, NewExpression *, ImportDeclaration > *, JSXAttribute[name.name=/^style$/] *, TSLiteralType > *, TaggedTemplateExpression *))';
const SENTENCES = [
  { selector: `Literal[value=${SENTENCE}]${OF_A_DEVELOPER}`, message: HOME },
  { selector: `TemplateElement[value.raw=${SENTENCE}]${OF_A_DEVELOPER}`, message: HOME },
];

/** Only text speaks for the house. */
const SPOKEN = [{ selector: "TSAsExpression > TSTypeReference[typeName.name='Spoken']", message: HOME }];

export default tseslint.config(
  {
    ignores: [
      '.next/',
      'dist/',
      'dist-workers/',
      'dist-bench/',
      'dist-tests/',
      'public/seat-worker.js',
      '.data/',
      'coverage/',
      'next-env.d.ts',
      'test-results/',
    ],
  },
  // What these look at is markup; in the core and the server they only cost time.
  ...next.map((config) => (config.ignores ? config : { ...config, files: MARKUP })),
  {
    files: ['src/**/*.{ts,tsx}', 'tests/**/*.ts', 'bench/**/*.ts', '*.ts'],
    extends: [...tseslint.configs.strictTypeChecked],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      // Numbers are what the sentences are about.
      '@typescript-eslint/restrict-template-expressions': [
        'error',
        { allowNumber: true, allowBoolean: true },
      ],
      // Compound boolean results read better compared than negated twice.
      '@typescript-eslint/no-unnecessary-boolean-literal-compare': 'off',
      '@typescript-eslint/no-confusing-void-expression': ['error', { ignoreArrowShorthand: true }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      'no-restricted-imports': [
        'error',
        {
          name: 'zod',
          message: 'Take zod/mini: half its weight on a child’s page, and one dialect for all.',
        },
      ],
      // There is no enum here (below), and this asks for the type of every expression.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      // The few classes are errors, and nothing is assigned to a variable of their type.
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      // knex builders are awaitable; an un-awaited promise is a bug.
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/consistent-type-imports': 'error',
      'no-restricted-syntax': ['error', ...FORBIDDEN_SYNTAX],
    },
  },
  {
    // Typed-array reads of the hot loop: an index inside the array is never undefined.
    files: ['src/core/board/**', 'src/core/rules/**', 'src/core/search/**'],
    rules: { '@typescript-eslint/no-non-null-assertion': 'off' },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'process',
        'fetch',
        'setTimeout',
        'crypto',
        'Date',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Take a Random as a parameter.' },
      ],
    },
  },
  {
    files: ['src/ui/**/*.{ts,tsx}', 'src/app/**/*.{ts,tsx}', 'src/server/services/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}', 'src/ui/theme/**'],
    rules: {
      'no-restricted-syntax': ['error', ...FORBIDDEN_SYNTAX, ...BARE_TEXT, ...CASES, ...SENTENCES, ...SPOKEN],
    },
  },
  {
    files: ['src/**/*.{ts,tsx}'],
    rules: {
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Take a Random as a parameter.' },
        { object: 'crypto', property: 'randomUUID', message: 'Missing on plain http; use the uuid package.' },
      ],
    },
  },
);
