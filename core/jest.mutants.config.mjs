// Jest as the mutation run needs it: core alone, and only the tests that stand nearest to what is mutated.
import root from '../jest.config.mjs'

const [core] = root.projects

export default {
  ...core,
  rootDir: '.',
  transform: {},
  // One suite for all of them, bundled (`scripts/lib/bundle-suite.mjs`).
  testMatch: [`<rootDir>/${process.env.MUTANTS_SUITE ?? 'none'}`],
  // A mutant may turn a loop endless; what kills it is the time, and nothing here takes longer.
  testTimeout: 20_000,
}
