import { IsoDate, Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, FORWARD } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { checksByRule, fittedSubject, measured, type Case, type Child, type Mode } from '../../index.ts'

interface Parts {
  readonly mode?: Partial<Mode>
  readonly child?: Partial<Child>
  readonly recline?: string
  readonly slopeDeg?: number | undefined
  /** As measured in the car, and the number of the entry. */
  readonly seen?: readonly [deg: number, plusMinus: number, at?: number]
  readonly wedge?: boolean
}
const at = (p: Parts = {}): Case =>
  buildCase({
    mode: p.mode ?? {},
    child: p.child ?? {},
    position: {
      cushion: 'slopeDeg' in p && p.slopeDeg === undefined ? undefined : { slopeDeg: measured(p.slopeDeg ?? 12, 1) },
    },
    settings: {
      ...(p.recline !== undefined && { recline: { value: p.recline, at: Sequence(2) } }),
      ...(p.wedge !== undefined && { wedge: { value: p.wedge, at: Sequence(2) } }),
    },
    readings: p.seen
      ? { 'shell-angle-deg': { number: measured(p.seen[0], p.seen[1]), at: Sequence(p.seen[2] ?? 9) } }
      : {},
  })
const NO_HEAD: Partial<Child> = { headControl: 'none', dateOfBirth: IsoDate('2026-08-01') }
const INFANT: Partial<Child> = { headControl: 'steady', dateOfBirth: IsoDate('2026-05-25') }
const OWN: Partial<Mode> = { targetAngleDeg: { from: 35, to: 40 } }
const PROOF: Partial<Mode> = { angleProof: { kind: 'line', what: 'blue line' } as never }
const FLATTER = (until: object): Partial<Mode> => ({
  reclines: [{ id: 'r1', label: '1', shellAngleDeg: 52, flatterInCarUntil: until as never }],
})

describe('the band', () => {
  test.each<[string, Case, string]>([
    ['no recline, no slope', at({ slopeDeg: undefined }), 'undecided, fix by practice | asks setting.recline, position.cushionSlopeDeg | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Measure the cushion slope, or the shell angle once it is in.'],
    ['no recline', at(), 'undecided, fix by practice | asks setting.recline | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Record the recline that is set.'],
    ['no slope', at({ recline: 'r1', slopeDeg: undefined }), 'undecided, fix by practice | asks position.cushionSlopeDeg | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Measure the cushion slope, or the shell angle once it is in.'],
    ['reclines that nobody read', buildCase({ unstated: true, mode: { reclines: undefined as never } }), 'undecided, fix by practice | asks mode.reclines | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Read the recline positions in the manual, or measure the shell angle with an inclinometer once it is in.'],
    ['a shell without reclines is measured', at({ mode: { reclines: [] } }), 'undecided, fix by practice | asks check.shell-angle-deg | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Measure the shell angle with an inclinometer once it is in.'],
    ['worked out, within', at({ recline: 'r1' }), 'pass, advise by practice | 23 to 25 °, limit 20, room 3 | Shell at 24 ± 1° from vertical, worked out; target 20–35° (older child rearward).'],
    ['worked out, too flat', at({ recline: 'r2', slopeDeg: 0 }), 'fail, advise by practice | 41 to 43 °, limit 35, room -8 | Shell at 42 ± 1° from vertical, worked out; target 20–35° (older child rearward). → Choose a more upright recline position.'],
    ['older rearward, at its lower end', at({ seen: [20, 0] }), 'pass, advise by practice | 20 °, limit 20, room 0 | Shell at 20° from vertical, measured; target 20–35° (older child rearward).'],
    ['older rearward, below it', at({ seen: [19, 0] }), 'fail, advise by practice | 19 °, limit 20, room -1 | Shell at 19° from vertical, measured; target 20–35° (older child rearward). → Choose a more reclined position, or the wedge where the maker allows it.'],
    ['older rearward, at its upper end', at({ seen: [35, 0] }), 'pass, advise by practice | 35 °, limit 35, room 0 | Shell at 35° from vertical, measured; target 20–35° (older child rearward).'],
    ['older rearward, above it', at({ seen: [36, 0] }), 'fail, advise by practice | 36 °, limit 35, room -1 | Shell at 36° from vertical, measured; target 20–35° (older child rearward). → Choose a more upright recline position.'],
    ['older rearward, at 45°: advice', at({ seen: [45, 0] }), 'fail, advise by practice | 45 °, limit 35, room -10 | Shell at 45° from vertical, measured; target 20–35° (older child rearward). → Choose a more upright recline position.'],
    ['older rearward, beyond 45°: no advice any more', at({ seen: [46, 0] }), 'fail, fix by practice | 46 °, limit 35, room -11 | Shell at 46° from vertical, measured; target 20–35° (older child rearward). → Choose a more upright recline position.'],
    ['across an end', at({ seen: [35, 1] }), 'undecided, advise by practice | 34 to 36 °, limit 35, room -1 | asks check.shell-angle-deg | Shell at 35 ± 1° from vertical, measured; target 20–35° (older child rearward). → Measure the shell angle with an inclinometer.'],
    ['no head control, within', at({ child: NO_HEAD, seen: [40, 0] }), 'pass, fix by practice | 40 °, limit 40, room 0 | Shell at 40° from vertical, measured; target 40–45° (no head control yet).'],
    ['no head control, too upright', at({ child: NO_HEAD, seen: [39, 0] }), 'fail, fix by practice | 39 °, limit 40, room -1 | Shell at 39° from vertical, measured; target 40–45° (no head control yet). → Choose a more reclined position, or the wedge where the maker allows it.'],
    ['steady under a year, within', at({ child: INFANT, seen: [30, 0] }), 'pass, advise by practice | 30 °, limit 30, room 0 | Shell at 30° from vertical, measured; target 30–45° (head control, under a year).'],
    ['steady under a year, too upright', at({ child: INFANT, seen: [29, 0] }), 'fail, advise by practice | 29 °, limit 30, room -1 | Shell at 29° from vertical, measured; target 30–45° (head control, under a year). → Choose a more reclined position, or the wedge where the maker allows it.'],
    ['head control not known', at({ child: { ...INFANT, headControl: undefined as never } }), 'undecided, fix by practice | asks child.headControl | The angle depends on head control, which is not recorded. → Ask the carer and look: does the child hold its head steady?'],
    ['the maker’s own, below', at({ mode: OWN, seen: [34, 0] }), 'fail, fix by maker | 34 °, limit 35, room -1 | Shell at 34° from vertical, measured; target 35–40° (the maker’s own line). → Choose a more reclined position, or the wedge where the maker allows it.'],
    ['the maker’s own, above', at({ mode: OWN, seen: [41, 0] }), 'fail, fix by maker | 41 °, limit 40, room -1 | Shell at 41° from vertical, measured; target 35–40° (the maker’s own line). → Choose a more upright recline position.'],
    ['the maker’s own, not worked out yet', at({ mode: OWN }), 'undecided, fix by maker | asks setting.recline | The shell angle cannot be worked out yet; the target is 35–40° (the maker’s own line). → Record the recline that is set.'],
    ['a maker who lets this child lie flatter: advice', at({ mode: FLATTER({ massKg: 13 }), recline: 'r1', seen: [50, 0] }), 'fail, advise by practice | 50 °, limit 35, room -15 | Shell at 50° from vertical, measured; target 20–35° (older child rearward). → Choose a more upright recline position.'],
    ['by a line on the shell, not seen', at({ mode: PROOF }), 'undecided, fix by maker | asks check.angle-proof | blue line. Maker’s own proof of the angle: not checked yet. → Look at the maker’s line or indicator with the car on level ground; a fixed base stands fully on the seat.'],
    ['a wedge that may lie there', at({ recline: 'r1', mode: { wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 } } }), 'undecided, fix by practice | asks setting.wedge | The shell angle cannot be worked out yet; the target is 20–35° (older child rearward). → Record whether the wedge is in.'],
    ['a wedge that lies there', at({ recline: 'r1', wedge: true, mode: { wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 } } }), 'pass, advise by practice | 29.009006 to 31.009006 °, limit 35, room 3.991 | Shell at 30 ± 1° from vertical, worked out; target 20–35° (older child rearward).'],
    ['a wedge that does not', at({ recline: 'r1', wedge: false, mode: { wedge: { allowed: true, heightMm: 40, baseLengthMm: 380 } } }), 'pass, advise by practice | 23 to 25 °, limit 20, room 3 | Shell at 24 ± 1° from vertical, worked out; target 20–35° (older child rearward).'],
    ['forward facing has no band', at({ mode: FORWARD, recline: 'r1' }), 'not-applicable'],
    ['a booster', buildCase({ mode: BOOSTER }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('shell-angle', c)).toBe(said)) // prettier-ignore
})

describe('the ceiling', () => {
  test.each<[string, Case, string]>([
    ['ceiling: nothing known', at({ slopeDeg: undefined }), 'undecided, fix by practice | limit 45 | asks setting.recline, position.cushionSlopeDeg | The shell angle is not known; it is never more than 45°. → Record the recline and the cushion’s slope, or measure the angle once it is in.'],
    ['ceiling: at 45°', at({ seen: [45, 0] }), 'pass, fix by practice | 45 °, limit 45, room 0 | Shell at 45°, measured; never more than 45°.'],
    ['ceiling: beyond', at({ seen: [46, 0] }), 'fail, fix by practice | 46 °, limit 45, room -1 | Shell at 46°, measured; never more than 45°. → Choose a more upright recline.'],
    ['ceiling: across', at({ seen: [45, 1] }), 'undecided, fix by practice | 44 to 46 °, limit 45, room -1 | asks check.shell-angle-deg | Shell at 45 ± 1°, measured; never more than 45°. → Measure the shell angle with an inclinometer.'],
    ['ceiling: worked out', at({ recline: 'r2', slopeDeg: 0 }), 'pass, fix by practice | 41 to 43 °, limit 45, room 2 | Shell at 42 ± 1°, worked out; never more than 45°.'],
    ['ceiling: the maker lets this child lie flatter', at({ mode: FLATTER({ massKg: 13 }), recline: 'r1', seen: [50, 0] }), 'pass, fix by maker | 50 °, limit 45, room -5 | Shell at 50°, measured; the maker’s own list permits this position in the car for this child.'],
    ['ceiling: no longer so heavy a child', at({ mode: FLATTER({ massKg: 9 }), recline: 'r1', seen: [50, 0] }), 'fail, fix by practice | 50 °, limit 45, room -5 | Shell at 50°, measured; never more than 45°. → Choose a more upright recline.'],
    ['ceiling: whether it still may is not known', at({ mode: FLATTER({ massKg: 9 }), child: { massKg: undefined as never }, recline: 'r1', seen: [50, 0] }), 'undecided, fix by practice | 50 °, limit 45, room -5 | asks check.shell-angle-deg | Shell at 50°, measured; never more than 45°. → Measure the shell angle with an inclinometer.'],
    ['ceiling: the same, across 45°', at({ mode: FLATTER({ massKg: 9 }), child: { massKg: undefined as never }, recline: 'r1', seen: [45, 1] }), 'undecided, fix by practice | 44 to 46 °, limit 45, room -1 | asks check.shell-angle-deg | Shell at 45 ± 1°, measured; never more than 45°. → Measure the shell angle with an inclinometer.'],
    ['ceiling: another recline than the one that may', at({ mode: { reclines: [{ id: 'r1', label: '1', shellAngleDeg: 52, flatterInCarUntil: { massKg: 13 } }, { id: 'r2', label: '2', shellAngleDeg: 52 }] as never }, recline: 'r2', seen: [50, 0] }), 'fail, fix by practice | 50 °, limit 45, room -5 | Shell at 50°, measured; never more than 45°. → Choose a more upright recline.'],
    ['ceiling: by a line on the shell', at({ mode: PROOF }), 'undecided, fix by maker | asks check.angle-proof | blue line. Maker’s own proof of the angle: not checked yet. → Look at the maker’s line or indicator with the car on level ground; a fixed base stands fully on the seat.'],
    ['ceiling: forward facing too', at({ mode: FORWARD, recline: 'r1' }), 'pass, fix by practice | 31 to 33 °, limit 45, room 12 | Shell at 32 ± 1°, worked out; never more than 45°.'],
    ['ceiling: a lie-flat has none', at({ mode: { shape: 'lie-flat' }, seen: [80, 0] }), 'not-applicable'],
    ['ceiling: a booster has none', buildCase({ mode: BOOSTER }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('shell-angle-ceiling', c)).toBe(said)) // prettier-ignore
})

test.each(['shell-angle', 'shell-angle-ceiling'])('%s names what it reads: the line too where there is one', (rule) => {
  const read = (mode: Partial<Mode>) => checksByRule(fittedSubject(at({ mode }))!).get(rule)
  expect(read({})).toEqual(['shell-angle-deg'])
  expect(read(PROOF)).toEqual(['angle-proof', 'shell-angle-deg'])
})
