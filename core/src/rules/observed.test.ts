import { Sequence } from '../ground/index.ts'
import { standsOnOf } from './speak.ts'
import {
  ask,
  buildCase,
  buildRoute,
  FORWARD,
  goodReading,
  kindOf,
  ruleById,
  TETHER_ROUTE,
  withEverythingGood,
} from '../../test/build.ts'
import { CONFIGURATIONS, INFANT } from '../../test/configurations.ts'
import {
  assess,
  CHECK_IDS,
  checksAsked,
  checkOf,
  fittedSubject,
  measured,
  RULES,
  stepsFor,
  type Case,
  type CheckId,
  type Reading,
} from '../index.ts'

const withReading = (c: Case, id: CheckId, reading: Reading | undefined): Case => {
  const { [id]: _old, ...rest } = c.readings
  return { ...c, readings: reading ? { ...rest, [id]: reading } : rest }
}

describe.each(Object.entries(CONFIGURATIONS))('%s', (_, configured) => {
  const good = withEverythingGood(configured)
  const subject = fittedSubject(good)!
  const asked = [...checksAsked(subject)]

  test('with everything set and seen good, it is ready to travel', () => {
    const { verdict, findings } = assess(good)
    expect(
      findings.filter((f) => f.kind !== 'pass' && f.severity !== 'advise').map((f) => `${f.ruleId}: ${f.reason}`),
    ).toEqual([])
    expect(verdict).toBe('ready')
  })

  test.each(asked.filter((id) => id !== 'shell-angle-deg'))('without %s it is never ready', (id) => {
    const { verdict, measureNext } = assess(withReading(good, id, undefined))
    expect(verdict).toBe('undecided')
    expect(measureNext.map((n) => n.need)).toContain(`check.${id}`)
  })

  test('each option of each check gives the verdict that it means', () => {
    for (const id of asked) {
      const check = checkOf(id)
      if (check.kind !== 'options') continue
      for (const option of check.options) {
        if (option.means === 'by-rule') continue
        const { verdict } = assess(withReading(good, id, { option: option.id, at: Sequence(3) }))
        const expected = { pass: ['ready'], undecided: ['undecided'], fail: ['not-ready', 'not-permitted'] }[
          option.means
        ]
        expect([id, option.id, expected.includes(verdict)]).toEqual([id, option.id, true])
      }
    }
  })

  test('a reading older than the choice is stale, and never part of ready', () => {
    for (const id of asked.filter((x) => x !== 'shell-angle-deg')) {
      const { verdict, stale } = assess(
        withReading(good, id, { ...goodReading(id, Sequence(0), subject), at: Sequence(0) }),
      )
      expect([id, verdict]).toEqual([id, 'undecided'])
      expect(stale.map((s) => s.checkId)).toEqual([id])
    }
  })

  test('every check asked stands in exactly one step', () => {
    const inSteps = stepsFor(subject).flatMap((s) => s.checks)
    expect(inSteps.toSorted()).toEqual(asked.toSorted())
  })
})

test('every check is asked for by some rule in some configuration, or waits for a reading that calls it up', () => {
  const asked = new Set(Object.values(CONFIGURATIONS).flatMap((c) => [...checksAsked(fittedSubject(c)!)]))
  expect(CHECK_IDS.filter((id) => !asked.has(id))).toEqual(['coat-hides-mm'])
})

test('an indicator that showed latched before latching proves nothing', () => {
  const good = withEverythingGood(buildCase())
  const c = withReading(good, 'latch-left', { option: 'latched', before: 'latched', at: Sequence(3) })
  expect(ask('latch-indicators', c)).toMatchObject({ kind: 'undecided', missing: ['check.latch-left'] })
  expect(
    kindOf('latch-indicators', withReading(good, 'latch-left', { option: 'latched', before: 'open', at: Sequence(3) })),
  ).toBe('pass')
})

test('what it showed before alone is no reading yet', () => {
  const good = withEverythingGood(buildCase())
  expect(kindOf('latch-indicators', withReading(good, 'latch-left', { before: 'open', at: Sequence(3) }))).toBe(
    'undecided',
  )
})

test('a tug that fails outweighs two good indicators', () => {
  const good = withEverythingGood(buildCase())
  expect(assess(withReading(good, 'tug-right', { option: 'gave', at: Sequence(3) })).verdict).toBe('not-ready')
})

describe('gaps behind and under the base are two questions', () => {
  const gapped = (
    gapAccepted: object | undefined,
    where: 'gap-behind' | 'gap-under',
    baseGap: 'none' | 'accepted-where-maker-says',
  ) => {
    const route = { ...TETHER_ROUTE, ...(gapAccepted && { gapAccepted }) }
    const good = withEverythingGood(buildCase({ mode: FORWARD, route, practice: { baseGap } }))
    return withReading(good, where, { option: 'gap', at: Sequence(3) })
  }
  test.each([
    [undefined, 'gap-behind', 'none', 'fail', 'practice', 'not-ready'],
    [undefined, 'gap-under', 'accepted-where-maker-says', 'fail', 'practice', 'not-ready'],
    [{ behindBase: true }, 'gap-behind', 'none', 'pass', 'maker', 'ready'],
    [{ behindBase: true }, 'gap-under', 'none', 'fail', 'practice', 'not-ready'],
    [{ underBase: true }, 'gap-under', 'accepted-where-maker-says', 'pass', 'maker', 'ready'],
    [{ behindBase: false }, 'gap-behind', 'accepted-where-maker-says', 'fail', 'practice', 'not-ready'],
  ] as const)('maker accepts %j, a %s, school %s: %s by %s, %s', (accepted, where, school, kind, source, verdict) => {
    const c = gapped(accepted, where, school)
    const said = assess(c).findings.find((f) => f.ruleId === 'gaps')!
    expect(said).toMatchObject({ kind, severity: 'fix' })
    if (kind === 'fail') expect(said.source).toBe(source)
    expect(assess(c).verdict).toBe(verdict)
  })
})

test('a tether on a luggage ring stops the fitting', () => {
  const good = withEverythingGood(buildCase({ mode: FORWARD, route: TETHER_ROUTE }))
  expect(assess(withReading(good, 'tether-point', { option: 'luggage-ring', at: Sequence(3) })).verdict).toBe(
    'not-permitted',
  )
})

const NUMBERS: [string, CheckId, number, string, Case][] = [
  ['steadiness', 'steadiness-mm', 25, 'pass', buildCase()],
  ['steadiness', 'steadiness-mm', 25.5, 'fail', buildCase()],
  ['tether-tension', 'tether-indicator-mm', 15, 'pass', CONFIGURATIONS['forward with tether']!],
  ['tether-tension', 'tether-indicator-mm', 14.5, 'fail', CONFIGURATIONS['forward with tether']!],
  ['buckle-frame', 'buckle-above-edge-mm', 0, 'pass', CONFIGURATIONS['belt, buckle edge']!],
  ['buckle-frame', 'buckle-above-edge-mm', 0.5, 'fail', CONFIGURATIONS['belt, buckle edge']!],
  ['harness-slack', 'slack-mm', 15, 'pass', buildCase()],
  ['harness-slack', 'slack-mm', 15.5, 'fail', buildCase()],
  ['harness-slack', 'slack-mm', 25, 'pass', buildCase({ practice: { slack: 'two-fingers' } })],
  ['harness-slack', 'slack-mm', 25.5, 'fail', buildCase({ practice: { slack: 'two-fingers' } })],
  ['belt-guide', 'guide-above-shoulder-mm', -0.5, 'fail', CONFIGURATIONS.booster!],
  ['belt-guide', 'guide-above-shoulder-mm', 0, 'pass', CONFIGURATIONS.booster!],
  ['belt-guide', 'guide-above-shoulder-mm', 20, 'pass', CONFIGURATIONS.booster!],
  ['belt-guide', 'guide-above-shoulder-mm', 26, 'fail', CONFIGURATIONS.booster!],
  ['crown-margin', 'crown-below-edge-mm', 0, 'pass', buildCase({ mode: INFANT })],
  ['crown-margin', 'crown-below-edge-mm', -0.5, 'fail', buildCase({ mode: INFANT })],
  [
    'crown-margin',
    'crown-below-edge-mm',
    24.5,
    'fail',
    buildCase({ mode: INFANT, practice: { infantHead: 'margin-25-mm' } }),
  ],
  [
    'crown-margin',
    'crown-below-edge-mm',
    25,
    'pass',
    buildCase({ mode: INFANT, practice: { infantHead: 'margin-25-mm' } }),
  ],
]
test.each(NUMBERS)('%s: %s of %s is %s', (rule, check, value, kind, c) => {
  expect(kindOf(rule, withReading(c, check, { number: measured(value), at: Sequence(3) }))).toBe(kind)
  const wide = value === 26 ? 7 : 3
  expect(kindOf(rule, withReading(c, check, { number: measured(value, wide), at: Sequence(3) }))).toBe('undecided')
})

describe('coat', () => {
  const coated = (hidden?: number): Case =>
    buildCase({
      readings: {
        coat: { option: 'coat', at: Sequence(3) },
        ...(hidden !== undefined && { 'coat-hides-mm': { number: measured(hidden), at: Sequence(4) } }),
      },
    })
  test.each([
    [undefined, 'undecided'],
    [10, 'pass'],
    [10.5, 'fail'],
  ])('a coat that hides %s mm: %s', (hidden, kind) => {
    expect(kindOf('coat', coated(hidden))).toBe(kind)
  })
  test('the coat test joins the steps only when a coat is worn', () => {
    const steps = (c: Case) => stepsFor(fittedSubject(c)!).map((s) => s.id)
    expect(steps(coated())).toContain('coat-test')
    expect(steps(buildCase())).not.toContain('coat-test')
  })
})

test.each([
  ['at-or-just-below', 'rearward', { 'just-below': 'pass', level: 'pass', 'just-above': 'fail' }],
  ['at-or-just-above', 'forward', { 'just-below': 'fail', level: 'pass', 'just-above': 'pass' }],
  ['level', 'forward', { 'just-below': 'fail', level: 'pass', 'just-above': 'fail' }],
  ['level-or-just-under', 'forward', { 'just-below': 'pass', level: 'pass', 'just-above': 'fail' }],
] as const)('straps seen at the shoulder under the rule %s', (rule, direction, seen) => {
  for (const [option, kind] of Object.entries(seen)) {
    const c = buildCase({
      mode: { direction, strap: { adjuster: { kind: 'slots', heightsMm: [300] }, rule } },
      readings: { 'strap-exit': { option, at: Sequence(3) } },
    })
    expect([option, kindOf('strap-exit', c)]).toEqual([option, kind])
  }
})

test.each([
  ['must-touch', 'as-maker-says', { clear: 'fail', touching: 'pass', pressing: 'fail' }, 'fix'],
  ['must-not-touch', 'as-maker-says', { clear: 'pass', touching: 'fail', pressing: 'fail' }, 'fix'],
  ['either', 'as-maker-says', { clear: 'pass', touching: 'pass', pressing: 'fail' }, 'fix'],
  ['either', 'clear-gap-always', { clear: 'pass', touching: 'fail', pressing: 'fail' }, 'advise'],
  ['must-touch', 'clear-gap-always', { clear: 'fail', touching: 'pass', pressing: 'fail' }, 'fix'],
] as const)('front seat: maker %s, school %s', (frontSeat, frontSeatGap, seen, severity) => {
  for (const [option, kind] of Object.entries(seen)) {
    const c = buildCase({
      route: buildRoute({ frontSeat }),
      practice: { frontSeatGap },
      readings: { 'front-seat': { option, at: Sequence(3) } },
    })
    // Pressing hard is no matter of schools: no maker allows it.
    const expected = option === 'touching' ? severity : 'fix'
    expect([option, ask('front-seat', c)]).toMatchObject([option, { kind, severity: expected }])
  }
})

describe('the register of rules', () => {
  test('ids are unique, every rule says what it stands on, and each speaks at one stage', () => {
    expect(new Set(RULES.map((r) => r.id)).size).toBe(RULES.length)
    for (const r of RULES) {
      expect(standsOnOf(r).length).toBeGreaterThan(20)
      expect(ruleById(r.id)).toBe(r)
    }
  })
})
