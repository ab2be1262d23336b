import { reasonOf } from '../speak.ts'
import fc from 'fast-check'
import { ask, buildCase, FORWARD, kindOf, buildMode, ruleById } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { Sequence } from '../../ground/index.ts'
import { rangeBounds } from '../rule.ts'
import {
  measured,
  STRAP_RULES,
  adviseStrapHeight,
  exactly,
  fittedSubject,
  shoulderRangeMm,
  type Case,
  type Child,
  type Mode,
} from '../../index.ts'

const SLOTS: NonNullable<Mode['strap']> = { adjuster: { kind: 'slots', heightsMm: [230, 330] } }
const shoulder = (mm: number, u = 0): Partial<Child> => ({ seatedShoulderHeightMm: measured(mm, u) })

test.each([
  ['rearward', 229, 'fail'],
  ['rearward', 230, 'pass'],
  ['rearward', 400, 'pass'],
  ['forward', 200, 'pass'],
  ['forward', 330, 'pass'],
  ['forward', 331, 'fail'],
] as const)('%s, slots from 230 to 330 mm, shoulder at %s mm: %s', (direction, mm, kind) => {
  const mode = direction === 'forward' ? { ...FORWARD, strap: SLOTS } : { strap: SLOTS }
  expect(kindOf('shoulder-range', buildCase({ mode, child: shoulder(mm) }))).toBe(kind)
})

test('an insert that may lie under the child lifts a small one to the lowest slot', () => {
  const insert = { id: 'pad', name: 'pad', thicknessMm: 20, allowedUntil: { massKg: 12 } }
  const mode = { strap: SLOTS, inserts: [insert] }
  expect(kindOf('shoulder-range', buildCase({ mode, child: shoulder(212) }))).toBe('pass')
  expect(kindOf('shoulder-range', buildCase({ mode, child: shoulder(209) }))).toBe('fail')
  expect(kindOf('shoulder-range', buildCase({ mode, child: { ...shoulder(212), massKg: measured(12) } }))).toBe('fail')
})

test('unmeasured, it is estimated from the stature, said so, and may pass but never refuse', () => {
  const unmeasured = { seatedShoulderHeightMm: undefined }
  const passes = ask('shoulder-range', buildCase({ mode: { strap: SLOTS }, child: unmeasured }))
  expect(passes.kind).toBe('pass')
  expect(reasonOf(passes)).toContain('estimated from the stature')
  const tall = { ...unmeasured, statureCm: measured(105) }
  expect(ask('shoulder-range', buildCase({ mode: { ...FORWARD, strap: SLOTS }, child: tall }))).toMatchObject({
    kind: 'undecided',
    missing: ['child.seatedShoulderHeightMm'],
  })
  const nothing = { ...unmeasured, statureCm: undefined }
  expect(kindOf('shoulder-range', buildCase({ mode: { strap: SLOTS }, child: nothing }))).toBe('undecided')
})

test.each<[string, Parameters<typeof buildCase>[0], string]>([
  [
    'strap heights nobody has read',
    { mode: { strap: undefined } },
    'undecided, stop by maker | asks mode.strap | At which heights the straps leave the shell has not been read. → Read or measure the strap heights, and enter them with the mode.',
  ],
  [
    'forward, below the highest exit',
    { mode: { ...FORWARD, strap: SLOTS }, child: shoulder(310, 4) },
    'pass, stop by maker | 306 to 314 mm, limit 330, room 16 | Shoulder at 310 ± 4 mm; straps go at or just above the shoulder, which serves shoulders up to 330 mm.',
  ],
  [
    'forward, above the highest exit',
    { mode: { ...FORWARD, strap: SLOTS }, child: shoulder(340, 4) },
    'fail, stop by maker | 336 to 344 mm, limit 330, room -14 | Shoulder at 340 ± 4 mm: even the highest strap exit is below the shoulder; straps go at or just above the shoulder, which serves shoulders up to 330 mm. → Outgrown by shoulder height: choose another mode.',
  ],
  [
    'level straps, as far from either end',
    { mode: { strap: { ...SLOTS, rule: 'level' } }, child: shoulder(280) },
    'pass, stop by maker | 280 mm, limit 340, room 60 | Shoulder at 280 mm; straps go level with the shoulder, which serves shoulders from 220 mm up to 340 mm.',
  ],
  [
    'level straps, nearer to the lower end',
    { mode: { strap: { ...SLOTS, rule: 'level' } }, child: shoulder(279) },
    'pass, stop by maker | 279 mm, limit 220, room 59 | Shoulder at 279 mm; straps go level with the shoulder, which serves shoulders from 220 mm up to 340 mm.',
  ],
])('%s', (_, c, said) => expect(told('shoulder-range', buildCase(c))).toBe(said))

test('what it refuses for exact shoulders is what no slot serves', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 150, max: 480 }),
      fc.uniqueArray(fc.integer({ min: 200, max: 420 }), { minLength: 1, maxLength: 6 }),
      fc.constantFrom(...STRAP_RULES),
      fc.constantFrom('rearward' as const, 'forward' as const),
      (mm, heightsMm, rule, direction) => {
        const mode = buildMode({ direction, strap: { adjuster: { kind: 'slots', heightsMm }, rule } })
        const advice = adviseStrapHeight(mode, exactly(mm))
        const { from = -Infinity, to = Infinity } = shoulderRangeMm(mode)
        if (mm < from || mm > to) expect(advice.kind).toBe('none')
        // Between the ends a slot serves wherever the rule has no gap between slots.
        else if (rule !== 'level' && rule !== 'level-or-just-under') expect(advice.kind).toBe('set')
      },
    ),
    { seed: 21, numRuns: 400 },
  )
})

describe('padding under the child', () => {
  const PAD = { id: 'pad', name: 'pad', thicknessMm: 20, allowedUntil: { massKg: 9 } }
  const padded = (mm: number, kg: number | undefined, insertsIn?: readonly string[]): Case =>
    buildCase({
      mode: { strap: SLOTS, inserts: [PAD] },
      child: {
        ...shoulder(mm),
        ...(kg === undefined ? { massKg: undefined as never } : { massKg: measured(kg, 0.1) }),
      },
      settings: insertsIn === undefined ? {} : { insertsIn: { value: [...insertsIn], at: Sequence(2) } },
    })
  test.each<[string, Case, string]>([
    [
      'a shoulder that the pad lifts to the lowest exit',
      padded(215, 8),
      'pass, stop by maker | 235 mm, limit 230, room 5 | Shoulder at 235 mm; straps go at or just below the shoulder, which serves shoulders from 230 mm.',
    ],
    [
      'the same, once the child is too heavy for the pad',
      padded(215, 10),
      'fail, stop by maker | 215 mm, limit 230, room -15 | Shoulder at 215 mm: even the lowest strap exit is above the shoulder; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Too small for this mode: choose another.',
    ],
    [
      'the same, and whether it is too heavy is not known',
      padded(215, undefined),
      'undecided, stop by maker | 215 to 235 mm, limit 230, room -15 | asks child.massKg | Shoulder at 225 ± 10 mm, with the padding that may lie under the child: it may be outside what the straps serve; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Measure what decides whether the padding belongs under this child.',
    ],
    [
      'the same, and the mass is at the end of the pad',
      padded(215, 9),
      'undecided, stop by maker | 215 to 235 mm, limit 230, room -15 | asks child.massKg | Shoulder at 225 ± 10 mm, with the padding that may lie under the child: it may be outside what the straps serve; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Measure what decides whether the padding belongs under this child.',
    ],
    [
      'with the pad out as it is set',
      padded(215, 8, []),
      'fail, stop by maker | 215 mm, limit 230, room -15 | Shoulder at 215 mm: even the lowest strap exit is above the shoulder; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Too small for this mode: choose another.',
    ],
    [
      'with the pad in as it is set',
      padded(215, 8, ['pad']),
      'pass, stop by maker | 235 mm, limit 230, room 5 | Shoulder at 235 mm; straps go at or just below the shoulder, which serves shoulders from 230 mm.',
    ],
  ])('%s', (_, c, said) => expect(told('shoulder-range', c)).toBe(said))
  const CUP = { id: 'cup', name: 'cup', thicknessMm: 10, allowedUntil: { ageMonths: 60 } }
  test.each<[string, Case, string]>([
    [
      'a shoulder that a closer measure settles, whatever lies under it',
      buildCase({ mode: { strap: SLOTS, inserts: [PAD] }, child: { ...shoulder(235, 10), massKg: measured(9, 0.1) } }),
      'undecided, stop by maker | 225 to 265 mm, limit 230, room -5 | asks child.seatedShoulderHeightMm | Shoulder at 245 ± 20 mm: it may be outside what the straps serve; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Measure the seated shoulder height more closely.',
    ],
    [
      'the pad in doubt, and another that is in for sure',
      buildCase({ mode: { strap: SLOTS, inserts: [PAD, CUP] }, child: { ...shoulder(205), massKg: measured(9, 0.1) } }),
      'undecided, stop by maker | 215 to 235 mm, limit 230, room -15 | asks child.massKg | Shoulder at 225 ± 10 mm, with the padding that may lie under the child: it may be outside what the straps serve; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Measure what decides whether the padding belongs under this child.',
    ],
    [
      'estimated from the stature, the pad in doubt',
      buildCase({
        mode: { strap: SLOTS, inserts: [PAD] },
        child: { seatedShoulderHeightMm: undefined, statureCm: measured(42), massKg: measured(9, 0.1) },
      }),
      'undecided, stop by maker | 184.8 to 290.666667 mm, limit 230, room -45.2 | asks child.seatedShoulderHeightMm | Shoulder at 238 ± 53 mm, estimated from the stature: it may be outside what the straps serve; straps go at or just below the shoulder, which serves shoulders from 230 mm. → Sit the child against a wall and measure the seated shoulder height.',
    ],
  ])('%s', (_, c, said) => expect(told('shoulder-range', c)).toBe(said))
  test('the ends that a forecast runs into stand lower by the padding that is in', () => {
    const rule = ruleById('shoulder-range')
    const ends = (insertsIn?: readonly string[]) => rule.bounds!(fittedSubject(padded(260, 8, insertsIn)) as never)
    expect(ends([])).toEqual(rangeBounds('shoulderMm', 230, undefined))
    expect(ends(['pad'])).toEqual(rangeBounds('shoulderMm', 210, undefined))
    // What may be in serves the small, what may be out the tall.
    expect(ends()).toEqual(rangeBounds('shoulderMm', 210, undefined))
    const forward = buildCase({ mode: { ...FORWARD, strap: SLOTS, inserts: [PAD] }, child: { massKg: measured(8, 0.1) }, settings: { insertsIn: { value: ['pad'], at: Sequence(2) } } }) // prettier-ignore
    expect(rule.bounds!(fittedSubject(forward) as never)).toEqual(rangeBounds('shoulderMm', undefined, 310))
  })
})
