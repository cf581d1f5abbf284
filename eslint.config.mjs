import js from '@eslint/js';
import prettier from 'eslint-config-prettier';
import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

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
  ignores: ['**/*.test.ts'],
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
  ignores: ['**/*.test.ts'],
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
  ignores: ['**/*.test.{ts,tsx}'],
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

export default ts.config(
  {
    ignores: [
      '**/dist/**',
      '**/node_modules/**',
      'test-results/**',
      'playwright-report/**',
      'jest.config.mjs',
      'eslint.config.mjs',
    ],
  },
  js.configs.recommended,
  ...ts.configs.recommendedTypeChecked.map((c) => ({ ...c, files: ['**/*.{ts,tsx}'] })),
  {
    files: ['**/*.{ts,tsx}'],
    languageOptions: {
      parserOptions: {
        project: ['core/tsconfig.lint.json', 'server/tsconfig.lint.json', 'web/tsconfig.json', 'e2e/tsconfig.json'],
        tsconfigRootDir: import.meta.dirname,
      },
    },
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': [
        'error',
        { fixStyle: 'separate-type-imports', disallowTypeAnnotations: false },
      ],
      '@typescript-eslint/restrict-template-expressions': 'off',
      '@typescript-eslint/no-unused-expressions': 'off',
    },
  },
  { files: ['server/src/**/*.ts'], rules: { '@typescript-eslint/consistent-type-imports': 'off' } },
  ...upward,
  {
    files: ['web/src/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: {
      'react-hooks/rules-of-hooks': 'error',
      'react-hooks/exhaustive-deps': 'error',
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            { group: ['**/server/*', '@nestjs/*', 'typeorm'], message: 'the web talks to the server over HTTP only.' },
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
  {
    files: ['**/*.mjs', '**/*.cjs', 'web/public/*.js'],
    languageOptions: {
      globals: {
        console: 'readonly',
        process: 'readonly',
        URL: 'readonly',
        fetch: 'readonly',
        setTimeout: 'readonly',
        module: 'readonly',
        localStorage: 'readonly',
        document: 'readonly',
        location: 'readonly',
        innerWidth: 'readonly',
        innerHeight: 'readonly',
        requestAnimationFrame: 'readonly',
        performance: 'readonly',
        require: 'readonly',
      },
    },
  },
  // one function one thought; a screen's markup is one drawing, read from top to bottom, and may be longer
  {
    files: ['core/src/**/*.ts', 'server/src/**/*.ts', 'web/src/**/*.ts'],
    ignores: ['**/*.test.ts', '**/testing/**'],
    rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
  },
  { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
  {
    files: ['**/*.test.{ts,tsx}'],
    rules: { '@typescript-eslint/no-unsafe-assignment': 'off', '@typescript-eslint/no-unsafe-member-access': 'off' },
  },
  prettier,
);
