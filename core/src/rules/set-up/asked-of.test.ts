import { BOOSTER, buildCase, buildLeg, buildRoute, kindOf } from '../../../test/build.ts'
import { Sequence } from '../../ground/index.ts'
import type { Mode, Route } from '../../index.ts'

/** Of which fittings two rules are asked: what their own tables leave out. */

const notch = { settings: { legNotch: { value: 3, at: Sequence(2) } } }
const leg = (maxLiftMm: number | undefined): Route => buildRoute({ leg: buildLeg({ maxLiftMm } as never) })
test.each([
  [12, 'none', true],
  [12, 'accepted-where-maker-says', true],
  [undefined, 'none', true],
  [undefined, 'accepted-where-maker-says', false],
] as const)('leg-lift: the maker allows %s mm, the profile a gap: %s', (maxLiftMm, baseGap, isAsked) => {
  const c = buildCase({ route: leg(maxLiftMm), practice: { baseGap }, ...notch })
  expect(kindOf('leg-lift', c) !== 'not-applicable').toBe(isAsked)
})

const WEDGE: Mode['wedge'] = { allowed: true, heightMm: 40, baseLengthMm: 380 }
const wedge = (value: boolean | undefined) => (value === undefined ? {} : { settings: { wedge: { value, at: Sequence(2) } } }) // prettier-ignore
test.each<[string, Partial<Mode>, boolean | undefined, string]>([
  ['a shell that may have one', { wedge: WEDGE }, undefined, 'undecided'],
  ['a shell that may have one, in', { wedge: WEDGE }, true, 'pass'],
  ['a shell that may have one, out', { wedge: WEDGE }, false, 'pass'],
  ['a shell that may not, in', {}, true, 'fail'],
  ['a shell that may not', {}, undefined, 'not-applicable'],
  ['one to lie in', { shape: 'lie-flat', wedge: WEDGE }, undefined, 'not-applicable'],
  ['a booster', { ...BOOSTER, wedge: WEDGE }, undefined, 'not-applicable'],
])('wedge-allowed: %s', (_, mode, value, kind) => {
  expect(kindOf('wedge-allowed', buildCase({ mode, ...wedge(value) }))).toBe(kind)
})
