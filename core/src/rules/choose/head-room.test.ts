import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, kindOf } from '../../../test/build.ts'
import { measured, type Mode, type Child } from '../../index.ts'

const SHELL: Partial<Mode> = { shape: 'infant-shell', headRule: 'crown-inside', shellEdgeMm: 500 }
const sitting = (mm: number, u = 0): Partial<Child> => ({ sittingHeightMm: measured(mm, u) })

test.each([
  ['edge-flush', 500, 'pass'],
  ['edge-flush', 501, 'fail'],
  ['margin-25-mm', 475, 'pass'],
  ['margin-25-mm', 476, 'fail'],
] as const)('school %s, crown at %s mm under an edge at 500: %s', (infantHead, mm, kind) => {
  expect(kindOf('head-room', buildCase({ mode: SHELL, practice: { infantHead }, child: sitting(mm) }))).toBe(kind)
})

test.each([
  ['eyes-below-edge', 555, 'pass'],
  ['eyes-below-edge', 556, 'undecided'],
  ['eyes-below-edge', 582, 'fail'],
  ['ears-below-edge', 531, 'pass'],
  ['ears-below-edge', 532, 'undecided'],
  ['ears-below-edge', 556, 'fail'],
] as const)('%s at a sitting height of %s mm, edge at 500: %s, as a share of it', (headRule, mm, kind) => {
  expect(kindOf('head-room', buildCase({ mode: { ...SHELL, headRule }, child: sitting(mm) }))).toBe(kind)
})

test.each([
  ['an exact measure: the doubt is where the eyes are', 560, 0, ['check.head'], 'advise'],
  ['a wide measure that may still tell', 550, 10, ['child.sittingHeightMm'], undefined],
] as const)('eyes, %s: asked is %j', (_, mm, u, missing, severity) => {
  const c = buildCase({ mode: { ...SHELL, headRule: 'eyes-below-edge' }, child: sitting(mm, u) })
  expect(ask('head-room', c)).toMatchObject({ kind: 'undecided', missing, ...(severity && { severity }) })
})
test('where no measure would tell, the look at the head settles it', () => {
  const c = buildCase({ mode: { ...SHELL, headRule: 'eyes-below-edge' }, child: sitting(560) })
  const seen = (option: string) => ({ ...c, readings: { head: { option, at: Sequence(3) } } })
  expect(kindOf('head-room', seen('inside'))).toBe('pass')
  // What is seen too high is refused by the rule that reads the look.
  expect(kindOf('head-line', seen('above'))).toBe('fail')
})

test('an insert that must lie under the child lifts its crown', () => {
  const insert = {
    id: 'pad',
    name: 'pad',
    thicknessMm: 20,
    requiredUntil: { massKg: 12 },
    allowedUntil: { massKg: 13 },
  }
  expect(kindOf('head-room', buildCase({ mode: { ...SHELL, inserts: [insert] }, child: sitting(481) }))).toBe('fail')
})

test('unmeasured, it is estimated from the stature and never refuses by that', () => {
  expect(kindOf('head-room', buildCase({ mode: { ...SHELL, shellEdgeMm: 600 } }))).toBe('pass')
  expect(ask('head-room', buildCase({ mode: { ...SHELL, shellEdgeMm: 300 } }))).toMatchObject({
    kind: 'undecided',
    missing: ['child.sittingHeightMm'],
  })
})

test('says nothing without an edge, nor of a cushion under the car’s own head restraint', () => {
  // Without an edge in the entry the look at the child decides; without a rule nobody knows what to look at.
  expect(ask('head-room', buildCase())).toMatchObject({ kind: 'undecided', severity: 'advise', settledBy: 'head' })
  expect(ask('head-room', buildCase({ mode: { headRule: undefined } }))).toMatchObject({
    kind: 'undecided',
    severity: 'fix',
    missing: ['mode.headRule'],
  })
  const cushion = { headRule: 'ears-below-vehicle-head-restraint', shellEdgeMm: 500 } as const
  expect(kindOf('head-room', buildCase({ mode: cushion }))).toBe('not-applicable')
})
