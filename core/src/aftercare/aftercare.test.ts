import { IsoDate } from '../ground/index.ts'
import fc from 'fast-check'
import {
  BELT_ROUTE,
  BOOSTER,
  buildMode,
  buildModel,
  buildPosition,
  buildRoute,
  buildUnit,
  FORWARD,
  TETHER_ROUTE,
} from '../../test/build.ts'
import {
  EMPTY_RECORD,
  JOB_KINDS,
  jobsFor,
  jobState,
  partsToCount,
  planJob,
  unitAwaiting,
  unitFacts,
  withAnswer,
  withStep,
  type JobPlan,
  type JobRecord,
} from '../index.ts'

const harness = buildMode({ ...FORWARD, id: 'harness', label: 'Forward harness' })
const booster = buildMode(BOOSTER)
const model = buildModel([harness, booster, buildMode()])
const context = {
  model,
  mode: harness,
  toMode: booster,
  route: buildRoute(),
  position: buildPosition(),
  unit: buildUnit(),
}
const finished = (plan: JobPlan, answer = 'good'): JobRecord => ({
  done: plan.steps.map((s) => s.id),
  answers: Object.fromEntries(plan.checks.map((c) => [c.id, answer])),
})

describe.each(JOB_KINDS)('%s', (kind) => {
  const plan = planJob(kind, context)
  test('has steps with ids of their own and ends in a check', () => {
    expect(plan.steps.length).toBeGreaterThan(0)
    expect(new Set(plan.steps.map((s) => s.id)).size).toBe(plan.steps.length)
    expect(plan.checks.length).toBeGreaterThan(0)
  })
  test('the second half of a pair comes after the first', () => {
    const ids = plan.steps.map((s) => s.id)
    for (const [i, s] of plan.steps.entries()) if (s.pairedWith) expect(ids.indexOf(s.pairedWith)).toBeLessThan(i)
  })
  test('only every step done and every check good passes; "cannot tell" settles nothing', () => {
    expect(jobState(plan, finished(plan)).state).toBe('passed')
    expect(jobState(plan, finished(plan, 'bad')).state).toBe('failed')
    expect(jobState(plan, finished(plan, 'unsure')).state).toBe('checks')
    expect(jobState(plan, { ...finished(plan), done: [] }).state).toBe('steps')
    for (const step of plan.steps) {
      const without = { ...finished(plan), done: plan.steps.map((s) => s.id).filter((id) => id !== step.id) }
      expect(jobState(plan, without)).toMatchObject({ state: 'steps', nextStep: { id: step.id } })
    }
    for (const check of plan.checks) {
      const { [check.id]: _gone, ...answers } = finished(plan).answers
      expect(jobState(plan, { ...finished(plan), answers }).state).toBe('checks')
    }
  })
})

test('a step taken back takes the answers with it', () => {
  const plan = planJob('wash', context)
  const record = withStep(plan, finished(plan), 'thread', false)
  expect(record.answers).toEqual({})
  expect(jobState(plan, record).nextStep?.id).toBe('thread')
  expect(jobState(plan, withAnswer(record, 'rethreaded', 'good')).openChecks).toHaveLength(plan.checks.length)
})
test('steps are kept in the order of the plan, however they are ticked', () => {
  const plan = planJob('wash', context)
  fc.assert(
    fc.property(fc.shuffledSubarray(plan.steps.map((s) => s.id)), (ticked) => {
      const record = ticked.reduce((r, id) => withStep(plan, r, id, true), EMPTY_RECORD)
      expect(record.done).toEqual(plan.steps.map((s) => s.id).filter((id) => ticked.includes(id)))
    }),
  )
})

describe('taking out', () => {
  const ids = (over: Partial<Parameters<typeof planJob>[1]>) =>
    planJob('take-out', { ...context, ...over }).steps.map((s) => s.id)
  test.each([
    ['leg-up', {}, true],
    ['connectors-off', {}, true],
    ['tether-off', {}, false],
    ['tether-off', { route: TETHER_ROUTE }, true],
    ['belt-back', { route: BELT_ROUTE }, true],
    ['lock-open', { route: BELT_ROUTE }, true],
    ['clip-in-bag', { route: BELT_ROUTE }, false],
    ['clip-in-bag', { route: { ...BELT_ROUTE, belt: { ...BELT_ROUTE.belt!, lock: { kind: 'locking-clip' as const, fromTongueMm: 0 } } } }, true],
    ['airbag-on', {}, false],
    ['airbag-on', { position: buildPosition({ row: 1, frontAirbag: 'can-be-switched-off' }) }, true],
    ['front-seat-back', { position: buildPosition({ row: 1 }) }, false],
    ['head-restraint-on', { position: buildPosition({ headRestraint: 'none' }) }, false],
    ['lower-tethers-off', { route: { ...BELT_ROUTE, lowerTethers: { use: 'required' as const, points: ['ring' as const] } } }, true],
    ['shell-off', { route: buildRoute({ usesBase: true }) }, true],
  ])('%s', (id, over, isThere) => expect(ids(over).includes(id)).toBe(isThere)) // prettier-ignore
  test('second anchors come off before the connectors, and nothing is lifted before they are open', () => {
    const order = ids({ route: { ...TETHER_ROUTE, leg: buildRoute().leg } })
    expect(order.indexOf('tether-off')).toBeLessThan(order.indexOf('connectors-off'))
    expect(order.indexOf('leg-up')).toBeLessThan(order.indexOf('connectors-off'))
    expect(order.indexOf('connectors-off')).toBeLessThan(order.indexOf('lift-out'))
  })
})

describe('conversions', () => {
  const checks = (from: typeof harness, to: typeof harness) =>
    planJob('convert', { ...context, mode: from, toMode: to }).checks.map((c) => c.id)
  test.each([
    [harness, booster, ['harness-away', 'all-parts-back']],
    [booster, harness, ['rethreaded', 'buckle-holds', 'adjuster-holds', 'all-parts-back']],
    [buildMode(), harness, ['direction-set', 'rethreaded', 'buckle-holds', 'adjuster-holds', 'all-parts-back']],
  ])('%#: each ends in the checks that it needs', (from, to, ids) => expect(checks(from, to)).toEqual(ids))
  test('the maker’s own steps stand instead, with their pairs and proofs', () => {
    const own = buildModel([harness, booster], {
      conversions: [
        {
          from: 'harness',
          to: 'booster',
          steps: [
            { id: 'open', text: 'Open the back.', pairWith: 'shut' },
            { id: 'shut', text: 'Shut the back.', proof: { id: 'c', what: 'a click', kind: 'click' } },
          ],
        },
      ],
    })
    const plan = planJob('convert', { ...context, model: own })
    expect(plan.byMaker).toBe(true)
    expect(plan.steps).toEqual([
      { id: 'open', text: 'Open the back.' },
      { id: 'shut', text: 'Shut the back.', proof: 'a click', pairedWith: 'open' },
    ])
    expect(planJob('convert', { ...context, model: own, mode: booster, toMode: harness }).byMaker).toBe(false)
  })
})

describe('what a job does to the unit', () => {
  const unit = buildUnit({ isComplete: undefined })
  const facts = (kind: (typeof JOB_KINDS)[number], answers: Record<string, string> = {}) =>
    unitFacts(unit, planJob(kind, context), { done: [], answers })
  test('a crash is a fact from the first step on', () => expect(facts('after-crash').wasInCrash).toBe(true))
  test.each([
    ['good', true],
    ['bad', false],
    ['unsure', undefined],
  ] as const)('handed back, parts counted %s: complete %s', (answer, isComplete) => {
    expect(facts('hand-back', { 'parts-counted': answer }).isComplete).toBe(isComplete)
    // Of another job the same answer says nothing.
    expect(facts('wash', { 'parts-counted': answer }).isComplete).toBe(undefined)
  })
  const wash = { kind: 'wash', holdsUnit: true, since: IsoDate('2026-11-20') } as const
  const buckle = { kind: 'sticky-buckle', holdsUnit: true, since: IsoDate('2026-11-24') } as const
  const out = { kind: 'take-out', holdsUnit: false, since: IsoDate('2026-11-01') } as const
  test.each([
    [[], undefined],
    [[out], undefined],
    [[buckle], 'sticky-buckle'],
    [[buckle, wash, out], 'wash'],
    // The wash is done, the buckle is not: it stays held up.
    [[buckle, out], 'sticky-buckle'],
  ])('with open jobs %j it waits for %s', (open, job) => {
    expect(unitAwaiting(unit, open).awaitsCheck?.job).toBe(job)
  })
  test('free again, nothing of it is left in the record', () => {
    expect(unitAwaiting(unitAwaiting(unit, [wash]), [])).toEqual(unit)
  })
})

test('parts to count: what the catalogue names, and what comes with every restraint', () => {
  const parts = partsToCount({ model: buildModel([buildMode({ inserts: [{ id: 'i', name: 'Newborn pad', thicknessMm: 20 }] })], { parts: [{ id: 'b', name: 'Base', massKg: 6 }] }) }) // prettier-ignore
  expect(parts).toEqual(['Base', 'Newborn pad', 'Manual', 'Label that can be read'])
})
test.each([
  [{ model }, ['convert', 'wash', 'twisted-strap', 'sticky-buckle', 'empty-booster', 'hand-back', 'after-crash']],
  [{ model: buildModel([booster]) }, ['empty-booster', 'hand-back', 'after-crash']],
  [{ model: buildModel([booster]), mode: booster, route: buildRoute() }, ['take-out', 'empty-booster', 'hand-back', 'after-crash']], // prettier-ignore
])('%#: only the jobs that make sense', (c, kinds) => expect(jobsFor(c)).toEqual(kinds))

test.each([
  ['a solid floor, a head restraint that comes off', {}, ['head-restraint-on', 'mat-back', 'front-seat-back']],
  [
    'a floor covering that stays',
    { floor: { kind: 'solid' as const, matRemovable: false } },
    ['head-restraint-on', 'front-seat-back'],
  ],
  [
    'a console that came out',
    { obstacles: ['removable-console' as const] },
    ['head-restraint-on', 'mat-back', 'console-back', 'front-seat-back'],
  ],
  [
    'the front place',
    { row: 1, frontAirbag: 'can-be-switched-off' as const },
    ['head-restraint-on', 'mat-back', 'airbag-on'],
  ],
  ['no head restraint', { headRestraint: 'none' as const }, ['mat-back', 'front-seat-back']],
])('taken out, the car is as it was found: %s', (_, position, last) => {
  const plan = planJob('take-out', {
    ...context,
    position: buildPosition({ headRestraint: 'adjustable', ...position }),
  })
  const ids = plan.steps.map((s) => s.id)
  expect(ids.slice(ids.indexOf('lift-out') + 1)).toEqual(last)
})
test('a wedge that the maker allows comes out too', () => {
  const ids = (allowed: boolean) =>
    planJob('take-out', {
      ...context,
      mode: { ...harness, wedge: { allowed, heightMm: 40, baseLengthMm: 380 } },
    }).steps.map((s) => s.id)
  expect([ids(true).includes('wedge-out'), ids(false).includes('wedge-out')]).toEqual([true, false])
})
