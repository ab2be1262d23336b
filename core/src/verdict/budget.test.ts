import { Sequence } from '../ground/index.ts'
import fc from 'fast-check'
import { BELT_ROUTE, buildCase, buildPosition, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { CHECKS, type CheckId } from '../index.ts'
import { budgetText, questionBudget } from './index.ts'

test('what it will ask is what it does ask, whatever has been answered already', () => {
  fc.assert(
    fc.property(fc.constantFrom(...Object.values(CONFIGURATIONS)), (c) => {
      const before = questionBudget(c)!
      const done = withEverythingGood(c)
      expect(questionBudget(done)).toEqual(before)
      const read = (Object.keys(done.readings) as CheckId[]).filter((id) => !CHECKS[id].isOptional)
      expect(before.looks + before.measures).toBeLessThanOrEqual(read.length + before.facts.length)
      expect(before.looks).toBeGreaterThan(3)
    }),
  )
})
test.each([
  ['ISOFIX with leg', buildCase(), { settings: 3, facts: [], saves: [] }],
  [
    'the slope not measured',
    buildCase({ position: { cushion: undefined } }),
    { facts: ['position.cushionSlopeDeg', 'position.cushionHeightMm'] },
  ],
  ['nothing chosen', { ...buildCase(), choice: { at: Sequence(0) } }, undefined],
] as const)('%s', (_, c, expected) => {
  const budget = questionBudget(c)
  if (expected === undefined) expect(budget).toBeUndefined()
  else
    expect({ ...budget, facts: budget!.facts.toSorted() }).toMatchObject({
      ...expected,
      facts: [...expected.facts].toSorted(),
    })
})
test('a fact that takes the place of a look says what it saves', () => {
  const clip = { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'locking-clip' as const, fromTongueMm: 0, section: 'both' as const } } } // prettier-ignore
  const at = (retractor?: 'emergency-locking') =>
    questionBudget(
      buildCase({
        route: clip,
        position: { ...buildPosition(), belt: { kind: 'three-point', ...(retractor && { retractor }) } },
      }),
    )!
  expect(at().saves).toEqual([{ fact: 'retractor', questions: at().looks - at('emergency-locking').looks }])
  expect(at('emergency-locking').saves).toEqual([])
  expect(budgetText(at())).toContain('Known beforehand, which retractor the belt has saves 1 look.')
})
test('in words', () => {
  expect(budgetText({ looks: 18, measures: 1, settings: 2, facts: [], saves: [] })).toBe(
    'This will ask at least 18 looks, 1 measure and 2 settings.',
  )
  expect(budgetText({ looks: 1, measures: 0, settings: 0, facts: ['position.isofix'], saves: [] })).toBe(
    'This will ask at least 1 look, 0 measures, 0 settings and 1 fact. Known beforehand, each is a question less: ISOFIX bars at the place.',
  )
})
