import { Sequence } from '../../ground/index.ts'
import { BELT_ROUTE, buildCase, buildLeg, buildRoute } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { measured, type Case, type Route } from '../../index.ts'

// Notches 300, 310 … 480 mm, upright.
interface Parts {
  readonly height?: readonly [mm: number, plusMinus: number] | undefined
  readonly notch?: number
  readonly leg?: Partial<NonNullable<Route['leg']>>
  readonly accepted?: boolean
}
const at = (p: Parts = {}): Case =>
  buildCase({
    route: buildRoute({ leg: buildLeg(p.leg) }),
    position: {
      cushion: { ...(!('height' in p && p.height === undefined) && { frontEdgeAboveFloorMm: measured(...(p.height ?? [355, 2])) }) } as never,
    },
    settings: p.notch === undefined ? {} : { legNotch: { value: p.notch, at: Sequence(2) } },
    practice: { baseGap: p.accepted ? 'accepted-where-maker-says' : 'none' },
  }) // prettier-ignore

describe('leg-notch', () => {
  test.each<[string, Case, string]>([
    ['notch: not set', at(), 'undecided, fix by maker | 353 to 357 mm | asks setting.legNotch | Needs a leg of 355 ± 2 mm: notch 7 of 19. The setting in use is not recorded. → Set notch 7 and record it.'],
    ['notch: the one that is needed', at({ notch: 7 }), 'pass, fix by maker | 353 to 357 mm | Notch 7 set; a leg of 355 ± 2 mm is needed.'],
    ['notch: one too short', at({ notch: 6 }), 'fail, fix by maker | 353 to 357 mm | Notch 6 leaves 3 mm or more under the foot; notch 7 reaches the floor. → Set notch 7.'],
    ['notch: one too long', at({ notch: 8 }), 'fail, fix by maker | 353 to 357 mm | Notch 8 lifts the base by 13 mm or more; notch 7 is long enough. → Set notch 7.'],
    ['notch: the cushion is not measured', at({ height: undefined, notch: 7 }), 'undecided, fix by maker | asks position.cushionHeightMm | The cushion’s height above the bare floor is not known, so the notch cannot be worked out. → Take the mat out and measure from the floor to the cushion’s front edge.'],
    ['notch: between two, not set', at({ height: [355, 12] }), 'undecided, fix by maker | 343 to 367 mm | asks position.cushionHeightMm, setting.legNotch | Needs a leg of 355 ± 12 mm: notch 6 to 8 of 19. The setting in use is not recorded. → Set notch 6 to 8 and record it.'],
    ['notch: between two, either will do', at({ height: [355, 12], notch: 6 }), 'pass, fix by maker | 343 to 367 mm | Notch 6 set; a leg of 355 ± 12 mm is needed.'],
    ['notch: out of the range', at({ height: [520, 2] }), 'not-applicable'],
    ['notch: perhaps out of the range', at({ height: [481, 4] }), 'not-applicable'],
    ['notch: a route without a leg', buildCase({ route: BELT_ROUTE }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('leg-notch', c)).toBe(said)) // prettier-ignore
})

describe('leg-lift', () => {
  test.each<[string, Case, string]>([
    ['lift: 5 ± 2 mm, 12 mm allowed', at({ notch: 7 }), 'pass, fix by maker | 3 to 7 mm, limit 12, room 5 | Notch 7 lifts the base by 5 ± 2 mm; the maker allows 12 mm.'],
    ['lift: 5 ± 2 mm, 7 mm allowed', at({ notch: 7, leg: { maxLiftMm: 7 } }), 'pass, fix by maker | 3 to 7 mm, limit 7, room 0 | Notch 7 lifts the base by 5 ± 2 mm; the maker allows 7 mm.'],
    ['lift: 5 ± 2 mm, 6 mm allowed', at({ notch: 7, leg: { maxLiftMm: 6 } }), 'undecided, fix by maker | 3 to 7 mm, limit 6, room -1 | asks position.cushionHeightMm | Notch 7 lifts the base by 5 ± 2 mm; the maker allows 6 mm. → The notch below would leave 5 ± 2 mm under the foot. Use another place or route, or ask the maker.'],
    ['lift: 5 ± 2 mm, 2 mm allowed', at({ notch: 7, leg: { maxLiftMm: 2 } }), 'fail, fix by maker | 3 to 7 mm, limit 2, room -5 | Notch 7 lifts the base by 5 ± 2 mm; the maker allows 2 mm. → The notch below would leave 5 ± 2 mm under the foot. Use another place or route, or ask the maker.'],
    ['lift: 15 ± 2 mm at the lowest but one', at({ notch: 2, height: [295, 2], leg: { maxLiftMm: 4 } }), 'fail, fix by maker | 13 to 17 mm, limit 4, room -13 | Notch 2 lifts the base by 15 ± 2 mm; the maker allows 4 mm. → Set a shorter notch: the next one lifts the base by 5 ± 2 mm.'],
    ['lift: a notch that is too short lifts nothing', at({ notch: 3 }), 'pass, fix by maker | -37 to -33 mm, limit 12, room 45 | Notch 3 does not lift the base; the maker allows 12 mm.'],
    ['lift: set four notches too long', at({ notch: 10 }), 'fail, fix by maker | 33 to 37 mm, limit 12, room -25 | Notch 10 lifts the base by 35 ± 2 mm; the maker allows 12 mm. → Set a shorter notch: the next one lifts the base by 25 ± 2 mm.'],
    ['lift: the lowest notch has none below', at({ notch: 1, height: [295, 2], leg: { maxLiftMm: 2 } }), 'fail, fix by maker | 3 to 7 mm, limit 2, room -5 | Notch 1 lifts the base by 5 ± 2 mm; the maker allows 2 mm. → Use another place or route, or ask the maker.'],
    ['lift: the maker is silent, and the school takes no gap', at({ notch: 7, leg: { maxLiftMm: undefined } }), 'fail, advise by practice | 3 to 7 mm, limit 0, room -7 | Notch 7 lifts the base by 5 ± 2 mm; the maker gives no limit, and your practice profile accepts no lift. → The notch below would leave 5 ± 2 mm under the foot. Use another place or route, or ask the maker.'],
    ['lift: the maker is silent, and the school takes his word', at({ notch: 7, leg: { maxLiftMm: undefined }, accepted: true }), 'not-applicable'],
    ['lift: a notch that the leg does not have', at({ notch: 20 }), 'not-applicable'],
    ['lift: the last notch that it has', at({ notch: 19, height: [478, 0] }), 'pass, fix by maker | 2 mm, limit 12, room 10 | Notch 19 lifts the base by 2 mm; the maker allows 12 mm.'],
    ['lift: no notch', at(), 'not-applicable'],
    ['lift: no height', at({ notch: 7, height: undefined }), 'not-applicable'],
    ['lift: no leg', buildCase({ route: BELT_ROUTE }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('leg-lift', c)).toBe(said)) // prettier-ignore
})
