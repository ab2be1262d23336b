import { reasonOf } from '../speak.ts'
import fc from 'fast-check'
import { ask, buildCase, FORWARD, kindOf, buildMode } from '../../../test/build.ts'
import {
  measured,
  STRAP_RULES,
  adviseStrapHeight,
  exactly,
  shoulderRangeMm,
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
