import { rangeBounds } from '../rule.ts'
import { Sequence } from '../../ground/index.ts'
import { ask, buildCase, kindOf, ruleById } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { fittedSubject, measured, type Mode, type Child } from '../../index.ts'

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

test.each<[string, Parameters<typeof buildCase>[0], string]>([
  [
    'as the maker says',
    { mode: SHELL, child: sitting(480) },
    'pass, stop by maker | 480 mm, limit 500, room 20 | Crown at 480 mm; the edge is at 500 mm.',
  ],
  [
    'as the stricter profile keeps it',
    { mode: SHELL, practice: { infantHead: 'margin-25-mm' }, child: sitting(480) },
    'fail, stop by practice | 480 mm, limit 475, room -5 | Crown at 480 mm; the edge less 25 mm is at 475 mm. → Outgrown by head height: choose another mode.',
  ],
  [
    'the same, unmeasured',
    {
      mode: SHELL,
      practice: { infantHead: 'margin-25-mm' },
      child: { sittingHeightMm: undefined, statureCm: undefined },
    },
    'undecided, stop by maker | asks child.sittingHeightMm | Neither the sitting height nor the stature is known; the edge less 25 mm is at 475 mm. → Measure the sitting height, or the stature to estimate it from.',
  ],
  [
    'a wide measure',
    { mode: { ...SHELL, headRule: 'eyes-below-edge' }, child: sitting(550, 10) },
    'undecided, stop by maker | 464.4 to 504 mm, limit 500, room -4 | asks child.sittingHeightMm | Eyes at 484 ± 20 mm: it may stand above the edge; the edge is at 500 mm. → Measure the sitting height, from the surface it sits on to the crown.',
  ],
  [
    'the doubt is where the eyes are',
    { mode: { ...SHELL, headRule: 'eyes-below-edge' }, child: sitting(560) },
    'undecided, advise by maker | 481.6 to 504 mm, limit 500 | asks check.head | How the head stands against the shell’s edge is not known; it is checked in the car (head). → Look at the head against the edge once the child sits in it.',
  ],
  [
    'the same, estimated',
    { mode: { ...SHELL, headRule: 'eyes-below-edge' }, child: { sittingHeightMm: undefined, statureCm: measured(88) } },
    'pass, stop by maker | 423.0684 to 491.94 mm, limit 500, room 8 | Eyes at 458 ± 34 mm, estimated from the stature; the edge is at 500 mm.',
  ],
  [
    'the crown too close to tell',
    { mode: SHELL, child: sitting(500, 5) },
    'undecided, stop by maker | 495 to 505 mm, limit 500, room -5 | asks child.sittingHeightMm | Crown at 500 ± 5 mm: it may stand above the edge; the edge is at 500 mm. → Measure the sitting height, from the surface it sits on to the crown.',
  ],
])('the crown against the edge, %s', (_, c, said) => expect(told('head-room', buildCase(c))).toBe(said))

test.each([
  [500, rangeBounds('sittingMm', undefined, 500)],
  [undefined, []],
] as const)('a forecast against an edge at %s mm runs to %j', (shellEdgeMm, ends) => {
  const c = buildCase({ mode: { ...SHELL, shellEdgeMm } })
  expect(ruleById('head-room').bounds!(fittedSubject(c) as never)).toEqual(ends)
})
