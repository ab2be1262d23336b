const transform = {
  '^.+\\.(t|j|mj)sx?$': [
    '@swc/jest',
    {
      jsc: {
        parser: { syntax: 'typescript', tsx: true, decorators: true },
        transform: {
          legacyDecorator: true,
          decoratorMetadata: true,
          useDefineForClassFields: false,
          react: { runtime: 'automatic' },
        },
        target: 'es2022',
      },
      module: { type: 'commonjs' },
    },
  ],
}
const shared = {
  transform,
  // Node 20 cannot require these ES modules inside Jest: they are transformed too.
  transformIgnorePatterns: [
    '/node_modules/(?!(@nestjs|@simplewebauthn|@tanstack|sonner|zustand|react-router|lucide-react|cmdk|radix-ui|@radix-ui)/)',
  ],
  moduleNameMapper: {
    '^@nimble-anchor/core/testing$': '<rootDir>/../core/test/build.ts',
    '^@nimble-anchor/core/testing/([a-z-]+)$': '<rootDir>/../core/test/$1.ts',
    '^@nimble-anchor/core/([a-z-]+)$': '<rootDir>/../core/src/$1/index.ts',
  },
}

/** `npm test` asks for suites of many files, and for what stands in none; everybody else for the test files themselves. */
const alone = process.env.JOINED === undefined ? undefined : process.env.JOINED.split('\n')
const matchOf = (part, own) =>
  alone === undefined
    ? own
    : [
        `<rootDir>/.joined/*.test.js`,
        ...alone
          .filter((test) => test.startsWith(`${part}/`))
          .map((test) => `<rootDir>/${test.slice(part.length + 1)}`),
      ]

export default {
  // Generous: a busy machine may be ten times slower, and no test measures time.
  testTimeout: 120_000,
  testSequencer: '<rootDir>/scripts/lib/longest-first.mjs',
  projects: [
    {
      ...shared,
      displayName: 'core',
      rootDir: 'core',
      testMatch: matchOf('core', ['<rootDir>/src/**/*.test.ts', '<rootDir>/test/**/*.test.ts']),
    },
    {
      ...shared,
      displayName: 'server',
      rootDir: 'server',
      setupFilesAfterEnv: ['<rootDir>/test/templates.ts'],
      testMatch: matchOf('server', ['<rootDir>/{src,test}/**/*.test.ts']),
    },
    {
      ...shared,
      displayName: 'web',
      rootDir: 'web',
      testEnvironment: 'jsdom',
      setupFilesAfterEnv: ['<rootDir>/test/setup.ts'],
      testMatch: matchOf('web', ['<rootDir>/src/**/*.test.{ts,tsx}']),
    },
  ],
}
