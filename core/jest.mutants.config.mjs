// Jest as the mutation run needs it: core alone, and only the tests that stand nearest to what is mutated.
import root from '../jest.config.mjs'

const [core] = root.projects
const nearest = (process.env.MUTANTS_TESTS ?? '').split(' ').filter(Boolean)

export default {
  ...core,
  rootDir: '.',
  testMatch: nearest.map((pattern) => `<rootDir>/${pattern}`),
  // A mutant may turn a loop endless; what kills it is the time, and nothing here takes longer.
  testTimeout: 20_000,
}
