import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, buildPosition, buildRoute, FORWARD } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { measured, type Case, type Child, type Mode, type PracticeProfile, type Reading, type Route, type SeatingPosition } from '../../index.ts' // prettier-ignore

const set = (settings: Readonly<Record<string, unknown>>): Case['settings'] =>
  Object.fromEntries(Object.entries(settings).map(([id, value]) => [id, { value, at: Sequence(2) }])) as Case['settings'] // prettier-ignore
const driver = buildPosition({ id: 'driver', label: 'Driver', row: 1, isDriverSeat: true })
const passenger = buildPosition({ id: 'front', label: 'Front', row: 1 })

describe('front-clearance', () => {
  // ℓ = 600, x₀ = 200: 30° reach 500 mm.
  const MODE: Partial<Mode> = { shellLengthMm: 600, footFromBackrestMm: 200, reclines: [{ id: 'r1', label: '1', shellAngleDeg: 30 }] } // prettier-ignore
  interface Parts {
    readonly asks?: Route['frontSeat']
    readonly gap?: PracticeProfile['frontSeatGap']
    readonly at?: readonly [mm: number, plusMinus: number]
    readonly settings?: Readonly<Record<string, unknown>>
    readonly mode?: Partial<Mode>
    readonly seen?: Reading
    readonly row?: Partial<SeatingPosition>
  }
  const at = ({ asks = 'either', gap = 'as-maker-says', at: mm, settings, mode = {}, seen, row }: Parts = {}): Case =>
    buildCase({
      mode: { ...MODE, ...mode },
      route: buildRoute({ frontSeat: asks }),
      practice: { frontSeatGap: gap },
      position: { cushion: { slopeDeg: measured(0, 0), frontEdgeAboveFloorMm: measured(355) }, ...(mm && { frontClearanceMm: measured(...mm) }), ...row },
      others: [driver],
      settings: set({ recline: 'r1', ...settings }),
      readings: seen === undefined ? {} : { 'front-seat': seen },
    }) // prettier-ignore
  test.each<[string, Case, string]>([
    ['either: clear', at({ at: [540, 0] }), 'pass, fix by maker | 40 mm, limit 0, room 40 | The shell reaches 500 mm from the backrest and the seat in front stands at 540 mm, set for its tallest driver: room of 40 mm; the maker accepts touch or gap.'],
    ['either: they touch', at({ at: [500, 0] }), 'pass, fix by maker | 0 mm, limit 0, room 0 | The shell reaches 500 mm from the backrest and the seat in front stands at 500 mm, set for its tallest driver: room of 0 mm; the maker accepts touch or gap.'],
    ['either: the shell presses', at({ at: [480, 0] }), 'fail, fix by maker | -20 mm, limit 0, room -20 | The shell reaches 500 mm from the backrest and the seat in front stands at 480 mm, set for its tallest driver: room of −20 mm; the maker accepts touch or gap. → Needs 20 mm more: a more upright recline (at most 27.8° leaves room), the seat in front further forward, or another place.'],
    ['either: perhaps', at({ at: [500, 5] }), 'undecided, fix by maker | -5 to 5 mm, limit 0, room -5 | asks check.front-seat | The shell reaches 500 mm from the backrest and the seat in front stands at 500 ± 5 mm, set for its tallest driver: room of 0 ± 5 mm; the maker accepts touch or gap. → Too close to tell from the figures: set the seat in front where it travels and look.'],
    ['must not touch: clear', at({ asks: 'must-not-touch', at: [540, 0] }), 'pass, fix by maker | 40 mm, limit 0, room 40 | The shell reaches 500 mm from the backrest and the seat in front stands at 540 mm, set for its tallest driver: room of 40 mm; a clear gap is asked for.'],
    ['must not touch: they touch', at({ asks: 'must-not-touch', at: [500, 0] }), 'fail, fix by maker | 0 mm, limit 0, room 0 | The shell reaches 500 mm from the backrest and the seat in front stands at 500 mm, set for its tallest driver: room of 0 mm; a clear gap is asked for. → Needs a gap: a more upright recline (under 30° leaves room), the seat in front further forward, or another place.'],
    ['must not touch: perhaps', at({ asks: 'must-not-touch', at: [505, 5] }), 'undecided, fix by maker | 0 to 10 mm, limit 0, room 0 | asks check.front-seat | The shell reaches 500 mm from the backrest and the seat in front stands at 505 ± 5 mm, set for its tallest driver: room of 5 ± 5 mm; a clear gap is asked for. → Too close to tell from the figures: set the seat in front where it travels and look.'],
    ['must touch: they do', at({ asks: 'must-touch', at: [500, 0] }), 'pass, fix by maker | 0 mm, limit 0, room 0 | The shell reaches 500 mm from the backrest and the seat in front stands at 500 mm, set for its tallest driver: room of 0 mm; the maker asks for touch.'],
    ['must touch: clear', at({ asks: 'must-touch', at: [540, 0] }), 'fail, fix by maker | 40 mm, limit 0, room -40 | The shell reaches 500 mm from the backrest and the seat in front stands at 540 mm, set for its tallest driver: room of 40 mm; the maker asks for touch. → Slide the seat in front back by 40 mm until it touches, or use another place.'],
    ['must touch: the shell presses', at({ asks: 'must-touch', at: [480, 0] }), 'fail, fix by maker | -20 mm, limit 0, room -20 | The shell reaches 500 mm from the backrest and the seat in front stands at 480 mm, set for its tallest driver: room of −20 mm; the maker asks for touch. → Needs 20 mm more: a more upright recline (at most 27.8° leaves room), the seat in front further forward, or another place.'],
    ['must touch: perhaps', at({ asks: 'must-touch', at: [500, 5] }), 'undecided, fix by maker | -5 to 5 mm, limit 0, room -5 | asks check.front-seat | The shell reaches 500 mm from the backrest and the seat in front stands at 500 ± 5 mm, set for its tallest driver: room of 0 ± 5 mm; the maker asks for touch. → Too close to tell from the figures: set the seat in front where it travels and look.'],
    ['the school wants a gap: they touch, advice', at({ gap: 'clear-gap-always', at: [500, 0] }), 'fail, advise by practice | 0 mm, limit 0, room 0 | The shell reaches 500 mm from the backrest and the seat in front stands at 500 mm, set for its tallest driver: room of 0 mm; a clear gap is asked for. → Needs a gap: a more upright recline (under 30° leaves room), the seat in front further forward, or another place.'],
    ['the school wants a gap: the shell presses, no advice', at({ gap: 'clear-gap-always', at: [480, 0] }), 'fail, fix by practice | -20 mm, limit 0, room -20 | The shell reaches 500 mm from the backrest and the seat in front stands at 480 mm, set for its tallest driver: room of −20 mm; a clear gap is asked for. → Needs 20 mm more: a more upright recline (under 27.8° leaves room), the seat in front further forward, or another place.'],
    ['the school wants a gap: clear', at({ gap: 'clear-gap-always', at: [540, 0] }), 'pass, fix by practice | 40 mm, limit 0, room 40 | The shell reaches 500 mm from the backrest and the seat in front stands at 540 mm, set for its tallest driver: room of 40 mm; a clear gap is asked for.'],
    ['the maker goes before the school', at({ asks: 'must-touch', gap: 'clear-gap-always', at: [500, 0] }), 'pass, fix by maker | 0 mm, limit 0, room 0 | The shell reaches 500 mm from the backrest and the seat in front stands at 500 mm, set for its tallest driver: room of 0 mm; the maker asks for touch.'],
    ['the seat in front as it is set', at({ at: [400, 0], settings: { frontSeatGapMm: 560 } }), 'pass, fix by maker | 60 mm, limit 0, room 60 | The shell reaches 500 mm from the backrest and the seat in front stands at 560 mm: room of 60 mm; the maker accepts touch or gap.'],
    ['seen in the car', at({ at: [400, 0], seen: { option: 'clear', at: Sequence(9) } }), 'not-applicable'],
    ['seen in the car before the recline was set', at({ at: [400, 0], seen: { option: 'clear', at: Sequence(1) } }), 'fail, fix by maker | -100 mm, limit 0, room -100 | The shell reaches 500 mm from the backrest and the seat in front stands at 400 mm, set for its tallest driver: room of −100 mm; the maker accepts touch or gap. → Needs 100 mm more: a more upright recline (at most 19.4° leaves room), the seat in front further forward, or another place.'],
    ['a note of what it was before is no look', at({ at: [400, 0], seen: { before: 'clear', at: Sequence(9) } as never }), 'fail, fix by maker | -100 mm, limit 0, room -100 | The shell reaches 500 mm from the backrest and the seat in front stands at 400 mm, set for its tallest driver: room of −100 mm; the maker accepts touch or gap. → Needs 100 mm more: a more upright recline (at most 19.4° leaves room), the seat in front further forward, or another place.'],
    ['nothing measured', at(), 'not-applicable'],
    ['the maker’s word not read', buildCase({ unstated: true, mode: { ...MODE }, route: { ...buildRoute(), frontSeat: undefined as never } }), 'not-applicable'],
    ['forward facing', at({ mode: { ...FORWARD, shellLengthMm: 600, footFromBackrestMm: 200 }, at: [480, 0] }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('front-clearance', c)).toBe(said)) // prettier-ignore
})

describe('front-seat-setting', () => {
  const at = (gapMm: number | undefined, position: Partial<SeatingPosition>, before = driver): Case =>
    buildCase({ position, others: [before], settings: gapMm === undefined ? {} : set({ frontSeatGapMm: gapMm }) })
  const TRACK = { frontSeatRangeMm: { fullyBackMm: 450, fullyForwardMm: 700 } }
  test.each<[string, Case, string]>([
    ['track: one too far back', at(449, TRACK), 'fail, fix by practice | The seat in front is recorded at 449 mm from the backrest; its track goes from 450 to 700 mm. → Measure again, or choose another recline or place.'],
    ['track: fully back', at(450, TRACK), 'pass, fix by practice | The seat in front stands 450 mm from the backrest, on its track.'],
    ['track: fully forward', at(700, TRACK), 'pass, fix by practice | The seat in front stands 700 mm from the backrest, on its track.'],
    ['track: beyond', at(701, TRACK), 'fail, fix by practice | The seat in front is recorded at 701 mm from the backrest; its track goes from 450 to 700 mm. → Measure again, or choose another recline or place.'],
    ['driver: as he sits', at(550, { frontClearanceMm: measured(550, 10) }), 'pass, fix by practice | 550 mm, limit 560, room 10 | The seat in front stands 550 mm from the backrest; its tallest user has it at 550 ± 10 mm.'],
    ['driver: within the measurement', at(560, { frontClearanceMm: measured(550, 10) }), 'pass, fix by practice | 560 mm, limit 560, room 0 | The seat in front stands 560 mm from the backrest; its tallest user has it at 550 ± 10 mm.'],
    ['driver: pushed forward', at(561, { frontClearanceMm: measured(550, 10) }), 'fail, fix by practice | 561 mm, limit 560, room -1 | The seat in front stands 561 mm from the backrest; its tallest user has it at 550 ± 10 mm, further back. → The tallest driver could not drive with the seat there: choose a more upright recline or another place.'],
    ['driver: further back', at(500, { frontClearanceMm: measured(550, 10) }), 'pass, fix by practice | 500 mm, limit 560, room 60 | The seat in front stands 500 mm from the backrest; its tallest user has it at 550 ± 10 mm.'],
    ['passenger: pushed forward', at(600, { frontClearanceMm: measured(550, 10) }, passenger), 'fail, advise by practice | 600 mm, limit 560, room -40 | The seat in front stands 600 mm from the backrest; its tallest user has it at 550 ± 10 mm, further back. → Tell the carer that this seat stays where it is, and stays empty if its usual user does not fit.'],
    ['both: off the track goes first', at(449, { ...TRACK, frontClearanceMm: measured(550, 10) }), 'fail, fix by practice | The seat in front is recorded at 449 mm from the backrest; its track goes from 450 to 700 mm. → Measure again, or choose another recline or place.'],
    ['nothing known of the seat in front', at(500, {}), 'not-applicable'],
    ['it is not set', at(undefined, TRACK), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('front-seat-setting', c)).toBe(said)) // prettier-ignore
})

describe('guide-set', () => {
  interface Parts {
    readonly guide?: number
    readonly shoulder?: readonly [mm: number, plusMinus: number]
    readonly child?: Partial<Child>
    readonly window?: Mode['guideAboveShoulderMm']
    readonly mode?: Partial<Mode>
    readonly seen?: number
  }
  const at = ({ guide, shoulder = [400, 0], child = {}, window, mode = {}, seen }: Parts): Case =>
    buildCase({
      mode: { ...BOOSTER, beltGuideMm: { fromMm: 330, toMm: 580 }, ...(window && { guideAboveShoulderMm: window }), ...mode },
      child: { statureCm: measured(118), seatedShoulderHeightMm: measured(...shoulder), ...child },
      settings: guide === undefined ? {} : set({ strapHeightMm: guide }),
      readings: seen === undefined ? {} : { 'guide-above-shoulder-mm': { number: measured(10), at: Sequence(seen) } },
    }) // prettier-ignore
  test.each<[string, Case, string]>([
    ['guide: below the shoulder', at({ guide: 399 }), 'fail, fix by practice | -1 mm, limit 0, room -1 | Guide at 399 mm, 1 mm below the shoulder; 0 to 20 mm above it is asked for. → Set the guide at 410 mm.'],
    ['guide: at the shoulder', at({ guide: 400 }), 'pass, fix by practice | 0 mm, limit 0, room 0 | Guide at 400 mm, 0 mm above the shoulder; 0 to 20 mm above it is asked for.'],
    ['guide: in the middle of the window', at({ guide: 410 }), 'pass, fix by practice | 10 mm, limit 20, room 10 | Guide at 410 mm, 10 mm above the shoulder; 0 to 20 mm above it is asked for.'],
    ['guide: at its upper end', at({ guide: 420 }), 'pass, fix by practice | 20 mm, limit 20, room 0 | Guide at 420 mm, 20 mm above the shoulder; 0 to 20 mm above it is asked for.'],
    ['guide: above it', at({ guide: 421 }), 'fail, fix by practice | 21 mm, limit 20, room -1 | Guide at 421 mm, 21 mm above the shoulder; 0 to 20 mm above it is asked for. → Set the guide at 410 mm.'],
    ['guide: across an end', at({ guide: 402, shoulder: [400, 4] }), 'undecided, fix by practice | -2 to 6 mm, limit 0, room -2 | asks check.guide-above-shoulder-mm | Guide at 402 mm, 2 ± 4 mm above the shoulder; 0 to 20 mm above it is asked for. → Measure it on the child at the stage Child in.'],
    ['guide: the maker’s own window, within', at({ guide: 435, window: { fromMm: 30, toMm: 40 } }), 'pass, fix by maker | 35 mm, limit 40, room 5 | Guide at 435 mm, 35 mm above the shoulder; 30 to 40 mm above it is asked for.'],
    ['guide: the maker’s own window, below', at({ guide: 429, window: { fromMm: 30, toMm: 40 } }), 'fail, fix by maker | 29 mm, limit 30, room -1 | Guide at 429 mm, 29 mm above the shoulder; 30 to 40 mm above it is asked for. → Set the guide at 435 mm.'],
    ['guide: the maker states the upper end alone', at({ guide: 395, window: { toMm: -2 } }), 'pass, fix by maker | -5 mm, limit -2, room 3 | Guide at 395 mm, 5 mm below the shoulder; at most −2 mm above it is asked for.'],
    ['guide: the maker states the lower end alone', at({ guide: 500, window: { fromMm: 15 } }), 'pass, fix by maker | 100 mm, limit 15, room 85 | Guide at 500 mm, 100 mm above the shoulder; at least 15 mm above it is asked for.'],
    ['guide: the same, below it', at({ guide: 410, window: { fromMm: 15 } }), 'fail, fix by maker | 10 mm, limit 15, room -5 | Guide at 410 mm, 10 mm above the shoulder; at least 15 mm above it is asked for. → Set the guide at 418 mm.'],
    ['guide: no guide reaches this shoulder', at({ guide: 580, shoulder: [600, 0] }), 'fail, fix by practice | -20 mm, limit 0, room -20 | Guide at 580 mm, 20 mm below the shoulder; 0 to 20 mm above it is asked for. → The guide does not reach this shoulder: choose another booster.'],
    ['guide: an estimated shoulder asks where it fails', at({ guide: 579, child: { seatedShoulderHeightMm: undefined as never } }), 'undecided, fix by practice | 154.2 to 215 mm, limit 20, room -195 | asks check.guide-above-shoulder-mm | Guide at 579 mm, 185 ± 30 mm above the shoulder (estimated from the stature); 0 to 20 mm above it is asked for. → Measure it on the child at the stage Child in.'],
    ['guide: measured on the child', at({ guide: 399, seen: 9 }), 'not-applicable'],
    ['guide: measured before it was set', at({ guide: 399, seen: 1 }), 'fail, fix by practice | -1 mm, limit 0, room -1 | Guide at 399 mm, 1 mm below the shoulder; 0 to 20 mm above it is asked for. → Set the guide at 410 mm.'],
    ['guide: not set', at({}), 'not-applicable'],
    ['guide: no range of it is stated', at({ guide: 399, mode: { beltGuideMm: undefined as never } }), 'not-applicable'],
    ['guide: neither shoulder nor stature', at({ guide: 399, child: { seatedShoulderHeightMm: undefined as never, statureCm: undefined as never } }), 'not-applicable'],
    ['guide: a cushion has none', at({ guide: 399, mode: { shape: 'booster-cushion' } }), 'not-applicable'],
    ['guide: a seat with a harness', at({ guide: 399, mode: { heldBy: 'harness' } }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('guide-set', c)).toBe(said)) // prettier-ignore
})
