import { ModelId, Sequence, UnitId } from '../ground/index.ts'
import { buildCase, buildRoute, withEverythingGood } from '../../test/build.ts'
import { assess, CAUTION, describeNeed, measured, type Case } from '../index.ts'

const ready = withEverythingGood(buildCase())
const verdictOf = (c: Case) => assess(c).verdict

test('every verdict carries the caution', () => {
  for (const c of [ready, buildCase(), { ...ready, choice: { at: Sequence(0) } }])
    expect(assess(c).caution).toBe(CAUTION)
})

test('ready only when everything is known and good', () => {
  expect(assess(ready)).toMatchObject({
    verdict: 'ready',
    decidedBy: { ruleId: 'place-leg-range', source: 'maker' },
    measureNext: [],
    stale: [],
  })
})

test('nothing chosen: undecided, and the next step is the choice', () => {
  const bare: Case = { ...ready, choice: { at: Sequence(9) }, vehicle: undefined }
  expect(assess(bare)).toMatchObject({ verdict: 'undecided', headline: 'Next: choose a restraint mode.' })
  expect(assess(bare).measureNext.map((n) => n.need)).toEqual(['mode', 'vehicle'])
})

test('not permitted names the rule and who stands behind it', () => {
  const heavy = { ...ready, child: { ...ready.child, massKg: measured(20) } }
  expect(assess(heavy)).toMatchObject({ verdict: 'not-permitted', decidedBy: { source: 'maker' } })
})

test('not ready: what fails, with its remedy, stands first', () => {
  const c: Case = { ...ready, readings: { ...ready.readings, 'latch-right': { option: 'open', at: Sequence(3) } } }
  expect(assess(c)).toMatchObject({
    verdict: 'not-ready',
    headline: 'Right indicator: shows open.',
    decidedBy: { ruleId: 'latch-indicators', source: 'maker' },
    findings: [
      {
        remedy: 'Release the right connector, clear the bar, and push until it clicks.',
        checks: ['latch-left', 'latch-right'],
      },
      ...Array(assess(c).findings.length - 1).fill(expect.anything()),
    ],
    stages: { attach: 'fail' },
  })
})

test('a recline changed after the checks makes ready undecided, and says why', () => {
  const c: Case = { ...ready, settings: { ...ready.settings, recline: { value: 'r1', at: Sequence(8) } } }
  const { verdict, stale } = assess(c)
  expect(verdict).toBe('undecided')
  expect(stale.map((s) => s.checkId)).toEqual(
    expect.arrayContaining(['latch-left', 'latch-right', 'leg-contact', 'head']),
  )
  expect(stale[0]?.because).toBe('the recline was changed')
})

test('advice never blocks', () => {
  const c = buildCase({ route: buildRoute({ frontSeat: 'either' }), practice: { frontSeatGap: 'clear-gap-always' } })
  const good = withEverythingGood(c)
  expect(
    verdictOf({ ...good, readings: { ...good.readings, 'front-seat': { option: 'touching', at: Sequence(3) } } }),
  ).toBe('ready')
})

test('other restraints of the case count as alternatives', () => {
  const base = buildCase({ mode: { id: 'forward', direction: 'forward', statureCm: { from: 76, to: 105 } } })
  const alone = assess(base).findings.find((f) => f.ruleId === 'practice-rearward-longer')
  expect(alone?.kind).toBe('pass')
  const second = buildCase({
    model: { id: ModelId('lanyard') },
    unit: { id: UnitId('unit-9'), modelId: ModelId('lanyard') },
  })
  const both: Case = {
    ...base,
    restraints: [...base.restraints, ...second.restraints],
    units: [...(base.units ?? []), ...(second.units ?? [])],
  }
  expect(assess(both).findings.find((f) => f.ruleId === 'practice-rearward-longer')).toMatchObject({
    kind: 'fail',
    severity: 'advise',
  })
})

test('the same case always gives the same assessment', () => {
  expect(JSON.stringify(assess(structuredClone(ready)))).toBe(JSON.stringify(assess(ready)))
})

test('a need is said in words with the stage where it is answered', () => {
  expect(describeNeed('child.massKg')).toEqual({ label: 'Mass', ask: 'Weigh the child', stage: 'measure' })
  expect(describeNeed('check.slack-mm')).toEqual({
    label: 'Harness slack',
    ask: 'Measure “Harness slack”',
    stage: 'child-in',
  })
  expect(describeNeed('check.latch-left')).toEqual({
    label: 'Left indicator',
    ask: 'Check “Left indicator”',
    stage: 'attach',
  })
  expect(describeNeed('setting.recline')).toEqual({ label: 'Recline set', ask: 'Set the recline', stage: 'set-up' })
})

test('an age printed as “about” and badges beyond the approval decide nothing', () => {
  const plain = withEverythingGood(buildCase())
  const printed = {
    ...plain,
    restraints: plain.restraints.map((m) => ({
      ...m,
      tags: ['swing-tested'],
      // Nobody of this fitting is in that range.
      modes: m.modes.map((mode) => ({ ...mode, aboutAgeMonths: { from: 100, to: 120 } })),
    })),
  }
  expect(assess(printed)).toEqual(assess(plain))
})

test('with a route and no place yet, what speaks of child, restraint and route speaks, and nothing else', () => {
  const c = buildCase({ child: { massKg: measured(20) } })
  const { findings, verdict } = assess({ ...c, choice: { ...c.choice, positionId: undefined } })
  expect(verdict).toBe('not-permitted')
  expect(findings.find((f) => f.ruleId === 'isofix-mass-sum')).toMatchObject({ kind: 'fail', severity: 'stop' })
  expect(new Set(findings.map((f) => f.stage))).toEqual(new Set(['choose']))
})
