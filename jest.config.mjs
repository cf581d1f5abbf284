const transform = {
  '\\.(ts|tsx|js|mjs)$': [
    '<rootDir>/scripts/jest-transform.cjs',
    {
      jsc: {
        target: 'es2022',
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: { legacyDecorator: true, decoratorMetadata: true, react: { runtime: 'automatic' } },
        keepClassNames: true,
      },
      module: { type: 'commonjs' },
    },
  ],
};
const moduleNameMapper = {
  '^@crustallum/core$': '<rootDir>/core/src/index.ts',
  '^@crustallum/core/(.*)$': '<rootDir>/core/src/$1.ts',
};
const common = { rootDir: '.', transform, moduleNameMapper };

export default {
  globalSetup: '<rootDir>/scripts/jest-build.mjs',
  // one for each core: the suites share nothing
  maxWorkers: '100%',
  // a slow machine is not a wrong answer
  testTimeout: 30_000,
  projects: [
    {
      ...common,
      displayName: 'core',
      testMatch: ['<rootDir>/core/src/**/*.test.ts'],
      testEnvironment: 'node',
      setupFilesAfterEnv: ['<rootDir>/core/src/testing/seed.ts'],
    },
    { ...common, displayName: 'server', testMatch: ['<rootDir>/server/src/**/*.test.ts'], testEnvironment: 'node' },
    {
      ...common,
      displayName: 'web',
      testMatch: ['<rootDir>/web/src/**/*.test.{ts,tsx}'],
      testEnvironment: '<rootDir>/web/src/testing/browserEnvironment.cjs',
      setupFiles: ['<rootDir>/web/src/testing/setup.ts'],
      setupFilesAfterEnv: ['<rootDir>/web/src/testing/patience.ts'],
      transformIgnorePatterns: ['/node_modules/(?!(@tanstack|d3-[a-z]+|internmap|nanoid)/)'],
      moduleNameMapper: {
        ...moduleNameMapper,
        '\\.css$': '<rootDir>/web/src/testing/noStyle.ts',
        '.*/workers/planner$': '<rootDir>/web/src/testing/planner.ts',
        '.*/sounds$': '<rootDir>/web/src/testing/noSound.ts',
      },
    },
  ],
};
