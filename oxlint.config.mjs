import { defineConfig } from 'oxlint';

/** The import table of the house: each topic of the core may use those before it, never those after. */
const topics = [
  'quantities',
  'ingredients',
  'dough',
  'recipes',
  'cold',
  'lamination',
  'vessels',
  'cutting',
  'oven',
  'filling',
  'sealing',
  'templates',
  'contracts',
  'plan',
];
const upward = topics.map((topic, i) => ({
  files: [`core/src/${topic}/**/*.ts`],
  excludeFiles: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...topics.slice(i + 1).map((later) => ({
            group: [`**/${later}/*`],
            message: `${topic} may not import ${later}: data flows one way.`,
          })),
          ...(topic === 'plan'
            ? []
            : [{ group: ['**/clock/*'], message: 'the Clock places what the plan has worked out.' }]),
          {
            group: ['**/commands/*', '**/models', '!./models'],
            message: 'topics do not know the registry or the commands.',
          },
          { group: ['react', '@nestjs/*', 'node:*'], message: 'the core has no interface and no input or output.' },
        ],
      },
    ],
  },
}));

/** The Clock knows steps, and nothing of the stations they come from. */
const clock = {
  files: ['core/src/clock/**/*.ts'],
  excludeFiles: ['**/*.test.ts'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          {
            group: ['**/plan/stations/*', '**/plan/coldLine/*', '**/plan/bake', '**/plan/item'],
            message: 'the Clock knows steps only.',
          },
        ],
      },
    ],
  },
};

/** The rooms of the web, lowest first: each may use those before it. */
const webRooms = ['wording', 'design', 'devices', 'workers', 'api', 'desk', 'files', 'coldline', 'stations', 'shell'];
const webUpward = webRooms.map((room, i) => ({
  files: [`web/src/${room}/**/*.{ts,tsx}`],
  excludeFiles: ['**/*.test.{ts,tsx}'],
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          { group: ['**/server/*', '@nestjs/*', 'typeorm'], message: 'the web talks to the server over HTTP only.' },
          ...webRooms
            .slice(i + 1)
            .filter((later) => later !== 'files')
            .map((later) => ({
              group: [`../${later}/*`, `../../${later}/*`],
              message: `${room} may not import ${later}.`,
            })),
        ],
      },
    ],
  },
}));

/** What is plainly wrong in any program. */
const plain = [
  'for-direction',
  'no-async-promise-executor',
  'no-case-declarations',
  'no-compare-neg-zero',
  'no-cond-assign',
  'no-constant-binary-expression',
  'no-constant-condition',
  'no-control-regex',
  'no-debugger',
  'no-delete-var',
  'no-dupe-else-if',
  'no-duplicate-case',
  'no-empty',
  'no-empty-character-class',
  'no-empty-pattern',
  'no-empty-static-block',
  'no-ex-assign',
  'no-extra-boolean-cast',
  'no-fallthrough',
  'no-global-assign',
  'no-invalid-regexp',
  'no-irregular-whitespace',
  'no-loss-of-precision',
  'no-misleading-character-class',
  'no-nonoctal-decimal-escape',
  'no-prototype-builtins',
  'no-regex-spaces',
  'no-self-assign',
  'no-shadow-restricted-names',
  'no-sparse-arrays',
  'no-unassigned-vars',
  'no-unsafe-finally',
  'no-unsafe-optional-chaining',
  'no-unused-labels',
  'no-unused-private-class-members',
  'no-useless-assignment',
  'no-useless-backreference',
  'no-useless-catch',
  'no-useless-escape',
  'no-var',
  'prefer-const',
  'prefer-rest-params',
  'prefer-spread',
  'preserve-caught-error',
  'require-yield',
  'use-isnan',
  'valid-typeof',
];

/** What a compiler says of its own files, for those it does not see. */
const untyped = [
  'constructor-super',
  'getter-return',
  'no-class-assign',
  'no-const-assign',
  'no-dupe-class-members',
  'no-dupe-keys',
  'no-func-assign',
  'no-import-assign',
  'no-obj-calls',
  'no-redeclare',
  'no-setter-return',
  'no-this-before-super',
  'no-undef',
  'no-unreachable',
  'no-unsafe-negation',
  'no-unused-vars',
  'no-with',
];

/** What the types tell: promises nobody waits for, anything that is any, what is asserted and need not be. */
const typed = [
  'await-thenable',
  'ban-ts-comment',
  'no-array-constructor',
  'no-array-delete',
  'no-base-to-string',
  'no-duplicate-enum-values',
  'no-duplicate-type-constituents',
  'no-empty-object-type',
  'no-explicit-any',
  'no-extra-non-null-assertion',
  'no-floating-promises',
  'no-for-in-array',
  'no-implied-eval',
  'no-misused-new',
  'no-misused-promises',
  'no-namespace',
  'no-non-null-asserted-optional-chain',
  'no-redundant-type-constituents',
  'no-require-imports',
  'no-this-alias',
  'no-unnecessary-type-assertion',
  'no-unnecessary-type-constraint',
  'no-unsafe-argument',
  'no-unsafe-assignment',
  'no-unsafe-call',
  'no-unsafe-declaration-merging',
  'no-unsafe-enum-comparison',
  'no-unsafe-function-type',
  'no-unsafe-member-access',
  'no-unsafe-return',
  'no-unsafe-unary-minus',
  'no-wrapper-object-types',
  'only-throw-error',
  'prefer-as-const',
  'prefer-namespace-keyword',
  'prefer-promise-reject-errors',
  'require-await',
  'restrict-plus-operands',
  'triple-slash-reference',
  'unbound-method',
];
const errors = (prefix, rules) => Object.fromEntries(rules.map((rule) => [`${prefix}${rule}`, 'error']));

export default defineConfig({
  plugins: ['typescript', 'react', 'import'],
  categories: { correctness: 'off' },
  ignorePatterns: ['**/dist/**', '**/node_modules/**', 'test-results/**', 'playwright-report/**'],
  options: { typeAware: true, typeCheck: true, maxWarnings: 0 },
  // no two files import one another in a circle, types included
  rules: { ...errors('', plain), 'import/no-cycle': ['error', { ignoreTypes: false }] },
  overrides: [
    {
      files: ['**/*.{ts,tsx}'],
      rules: {
        ...errors('typescript/', typed),
        'no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
        'typescript/consistent-type-imports': [
          'error',
          { fixStyle: 'separate-type-imports', disallowTypeAnnotations: false },
        ],
      },
    },
    {
      files: ['**/*.mjs', '**/*.cjs', 'web/public/*.js'],
      env: { node: true, browser: true },
      rules: errors('', untyped),
    },
    { files: ['scripts/jest-share.cjs'], env: { jest: true } },
    // decorated parameters are read while it runs
    { files: ['server/src/**/*.ts'], rules: { 'typescript/consistent-type-imports': 'off' } },
    ...upward,
    {
      files: ['web/src/**/*.{ts,tsx}'],
      rules: {
        'react/rules-of-hooks': 'error',
        'react/exhaustive-deps': 'error',
        'no-restricted-imports': [
          'error',
          {
            patterns: [
              {
                group: ['**/server/*', '@nestjs/*', 'typeorm'],
                message: 'the web talks to the server over HTTP only.',
              },
            ],
          },
        ],
      },
    },
    clock,
    ...webUpward,
    {
      files: ['server/src/**/*.ts'],
      rules: {
        'no-restricted-imports': [
          'error',
          { patterns: [{ group: ['react', '**/web/*'], message: 'the server does not know the web.' }] },
        ],
      },
    },
    // one function one thought; a screen's markup is one drawing, read from top to bottom, and may be longer
    {
      files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'web/src/**/*.ts'],
      excludeFiles: ['**/*.test.ts', '**/testing/**'],
      rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
    },
    { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
    {
      files: ['**/*.test.{ts,tsx}'],
      rules: { 'typescript/no-unsafe-assignment': 'off', 'typescript/no-unsafe-member-access': 'off' },
    },
  ],
});
