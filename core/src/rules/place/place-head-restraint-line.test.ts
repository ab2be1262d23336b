import { ask, BOOSTER, buildCase, kindOf } from '../../../test/build.ts'
import { measured, type Mode, type SeatingPosition } from '../../index.ts'

const CUSHION: Partial<Mode> = {
  ...BOOSTER,
  id: 'cushion',
  shape: 'booster-cushion',
  headRule: 'ears-below-vehicle-head-restraint',
  sitAboveCushionMm: 100,
}
const at = (position: Partial<SeatingPosition>, child: object = { sittingHeightMm: measured(700) }) =>
  buildCase({ mode: CUSHION, child: { statureCm: measured(130), ...child }, position })

// Ears at 90–94 % of 700 mm, 100 mm up: 730 to 758 mm above the car's cushion.
test.each([
  [729, 'fail'],
  [745, 'undecided'],
  [758, 'pass'],
])('place-head-restraint-line: ears at 730–758 mm, head restraint to %s mm: %s', (mm, kind) => {
  expect(kindOf('place-head-restraint-line', at({ headRestraintTopMm: measured(mm) }))).toBe(kind)
})

test('no head restraint at all refuses the place', () => {
  expect(ask('place-head-restraint-line', at({ headRestraint: 'none' }))).toMatchObject({ kind: 'fail' })
})

test('an estimated sitting height never refuses: it asks', () => {
  const c = at({ headRestraintTopMm: measured(500) }, { statureCm: measured(130) })
  expect(ask('place-head-restraint-line', c)).toMatchObject({
    kind: 'undecided',
    missing: ['child.sittingHeightMm'],
  })
})

test('a restraint with a back has its own edge, and an unmeasured head restraint is looked at in the car', () => {
  const seat = buildCase({ mode: BOOSTER, position: { headRestraint: 'none' } })
  expect(kindOf('place-head-restraint-line', seat)).toBe('not-applicable')
  expect(ask('place-head-restraint-line', at({ headRestraint: 'adjustable' }))).toMatchObject({
    kind: 'undecided',
    severity: 'advise',
    settledBy: 'head',
  })
  expect(ask('place-head-restraint-line', at({ headRestraint: undefined }))).toMatchObject({
    kind: 'undecided',
    missing: ['position.headRestraint'],
  })
})
