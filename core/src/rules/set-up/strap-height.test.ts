import { Sequence } from '../../ground/index.ts'
import { BOOSTER, buildCase, FORWARD } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { measured, type Case, type Mode } from '../../index.ts'

type Strap = NonNullable<Mode['strap']>
const SLOTS: Strap = { adjuster: { kind: 'slots', heightsMm: [230, 255, 280, 305, 330] } }
const RAIL: Strap = { adjuster: { kind: 'stepless', fromMm: 230, toMm: 400 } }
const PAD = { id: 'pad', name: 'pad', thicknessMm: 20 }

interface Parts {
  readonly shoulder?: readonly [mm: number, plusMinus: number] | undefined
  readonly set?: number
  readonly strap?: Strap
  readonly mode?: Partial<Mode>
  readonly insertsIn?: readonly string[]
}
const at = ({ shoulder = [300, 4], set, strap = SLOTS, mode = {}, insertsIn }: Parts = {}): Case =>
  buildCase({
    mode: { strap, ...mode },
    child: { seatedShoulderHeightMm: measured(...shoulder) },
    settings: {
      ...(set !== undefined && { strapHeightMm: { value: set, at: Sequence(2) } }),
      ...(insertsIn && { insertsIn: { value: [...insertsIn], at: Sequence(2) } }),
    },
  })

test.each<[string, Case, string]>([
  ['not set: the slot is named', at(), 'undecided, fix by maker | 296 to 304 mm | asks setting.strapHeightMm | Shoulder at 300 ± 4 mm: slot 3 (280 mm). The setting in use is not recorded. → Set slot 3 (280 mm) and record it.'],
  ['the slot below', at({ set: 280 }), 'pass, fix by maker | 296 to 304 mm, limit 280 | Strap exit at slot 3 (280 mm), shoulder at 300 ± 4 mm; it must be at or just below the shoulder.'],
  ['the slot above the shoulder', at({ set: 305 }), 'fail, fix by maker | 296 to 304 mm, limit 305 | Strap exit at slot 4 (305 mm), shoulder at 300 ± 4 mm; it must be at or just below the shoulder. → Set slot 3 (280 mm).'],
  ['a slot too low by more than ours, though another is nearer', at({ set: 255 }), 'fail, advise by maker | 296 to 304 mm, limit 30 | Strap exit 49 mm from the shoulder at 300 ± 4 mm; more than 30 mm off is advised against. → Set slot 3 (280 mm).'],
  ['far above the shoulder: that it is above is what is wrong', at({ set: 330 }), 'fail, fix by maker | 296 to 304 mm, limit 330 | Strap exit at slot 5 (330 mm), shoulder at 300 ± 4 mm; it must be at or just below the shoulder. → Set slot 3 (280 mm).'],
  ['the height of the gauge above the exit not read', at({ strap: { ...SLOTS, gauge: 'head-support-lower-edge' }, set: 280 }), 'undecided, fix by maker | asks mode.strap | The maker reads the height at the lower edge of the head support; how far that is above the strap exit is not stated. → Look it up in the manual, or measure it on the restraint, and enter it with the mode.'],
  ['no such slot', at({ set: 281 }), 'fail, fix by maker | 296 to 304 mm | The straps are recorded at 281 mm, and this mode has no such height. → Check which is set; for this shoulder: slot 3 (280 mm).'],
  ['between two: both are named, and the shoulder is measured again', at({ shoulder: [306, 4] }), 'undecided, fix by maker | 302 to 310 mm | asks setting.strapHeightMm, child.seatedShoulderHeightMm | Shoulder at 306 ± 4 mm: slot 3 (280 mm) or slot 4 (305 mm). The setting in use is not recorded. → Set slot 3 (280 mm) or slot 4 (305 mm) and record it.'],
  ['between two, and one is set', at({ shoulder: [306, 4], set: 305 }), 'undecided, fix by maker | 302 to 310 mm, limit 305 | asks child.seatedShoulderHeightMm | Strap exit at slot 4 (305 mm), shoulder at 306 ± 4 mm; it must be at or just below the shoulder. → Measure the seated shoulder height more closely.'],
  ['on a rail, at the shoulder', at({ strap: RAIL, set: 295 }), 'pass, fix by maker | 296 to 304 mm, limit 295 | Strap exit at 295 mm, shoulder at 300 ± 4 mm; it must be at or just below the shoulder.'],
  ['on a rail, at its lower end', at({ strap: RAIL, shoulder: [231, 0], set: 230 }), 'pass, fix by maker | 231 mm, limit 230 | Strap exit at 230 mm, shoulder at 231 mm; it must be at or just below the shoulder.'],
  ['on a rail, below its lower end', at({ strap: RAIL, shoulder: [231, 0], set: 229 }), 'fail, fix by maker | 231 mm | The straps are recorded at 229 mm, and this mode has no such height. → Check which is set; for this shoulder: 231 mm.'],
  ['on a rail, at its upper end', at({ strap: RAIL, shoulder: [400, 0], set: 400 }), 'pass, fix by maker | 400 mm, limit 400 | Strap exit at 400 mm, shoulder at 400 mm; it must be at or just below the shoulder.'],
  ['on a rail, above its upper end', at({ strap: RAIL, shoulder: [400, 0], set: 401 }), 'fail, fix by maker | 400 mm | The straps are recorded at 401 mm, and this mode has no such height. → Check which is set; for this shoulder: 400 mm.'],
  ['the maker allows 40 mm, and 38 mm is within', at({ strap: { ...RAIL, justMm: 40 }, shoulder: [300, 0], set: 262 }), 'pass, fix by maker | 300 mm, limit 262 | Strap exit at 262 mm, shoulder at 300 mm; it must be at or just below the shoulder.'],
  ['the maker allows 40 mm, and 41 mm is not', at({ strap: { ...RAIL, justMm: 40 }, shoulder: [300, 0], set: 259 }), 'fail, fix by maker | 300 mm, limit 40 | Strap exit 41 mm from the shoulder at 300 mm; more than 40 mm off is too far for the maker. → Set 300 mm.'],
  ['the maker allows 10 mm, and the nearest slot is 20 mm off', at({ strap: { ...SLOTS, justMm: 10 }, shoulder: [300, 0], set: 280 }), 'fail, fix by maker | 300 mm, limit 10 | Strap exit 20 mm from the shoulder at 300 mm; more than 10 mm off is too far for the maker. → Set slot 3 (280 mm).'],
  ['30 mm below is just below, by ours', at({ strap: RAIL, shoulder: [300, 0], set: 270 }), 'pass, fix by maker | 300 mm, limit 270 | Strap exit at 270 mm, shoulder at 300 mm; it must be at or just below the shoulder.'],
  ['31 mm below is advised against, by ours', at({ strap: RAIL, shoulder: [300, 0], set: 269 }), 'fail, advise by maker | 300 mm, limit 30 | Strap exit 31 mm from the shoulder at 300 mm; more than 30 mm off is advised against. → Set 300 mm.'],
  ['forward, the slot above', at({ mode: FORWARD, set: 305 }), 'pass, fix by maker | 296 to 304 mm, limit 305 | Strap exit at slot 4 (305 mm), shoulder at 300 ± 4 mm; it must be at or just above the shoulder.'],
  ['forward, the slot below', at({ mode: FORWARD, set: 280 }), 'fail, fix by maker | 296 to 304 mm, limit 280 | Strap exit at slot 3 (280 mm), shoulder at 300 ± 4 mm; it must be at or just above the shoulder. → Set slot 4 (305 mm).'],
  ['forward, outgrown', at({ mode: FORWARD, shoulder: [360, 4] }), 'fail, stop by maker | 356 to 364 mm | Shoulder at 360 ± 4 mm: even the highest strap exit is below the shoulder; straps must be at or just above the shoulder. → Outgrown by shoulder height: choose another mode.'],
  ['rearward, too small', at({ shoulder: [200, 4] }), 'fail, stop by maker | 196 to 204 mm | Shoulder at 200 ± 4 mm: even the lowest strap exit is above the shoulder; straps must be at or just below the shoulder. → Too small for this mode: choose another, or use the insert that belongs to it.'],
  ['the pad raises the shoulder', at({ mode: { inserts: [PAD] }, insertsIn: ['pad'], set: 305 }), 'pass, fix by maker | 316 to 324 mm, limit 305 | Strap exit at slot 4 (305 mm), shoulder at 320 ± 4 mm; it must be at or just below the shoulder.'],
  ['whether the pad is in is not recorded', at({ mode: { inserts: [PAD] }, set: 305 }), 'undecided, fix by maker | asks setting.insertsIn | The padding under the child raises the shoulder, and which pieces are in is not recorded. → Record which inserts are in.'],
  ['held by a shield', at({ mode: { heldBy: 'shield' } }), 'not-applicable'],
  ['a booster', buildCase({ mode: BOOSTER }), 'not-applicable'],
  ['straps that nobody read', at({ mode: { strap: undefined } }), 'not-applicable'],
  ['a head support that carries them', at({ strap: { adjuster: { kind: 'follows-head-support', fromMm: 230, toMm: 400 } } }), 'not-applicable'],
  ['no shoulder, no stature', { ...at(), child: { ...at().child, seatedShoulderHeightMm: undefined, statureCm: undefined } as never }, 'undecided, fix by maker | asks child.seatedShoulderHeightMm | Straps go at or just below the shoulder; the seated shoulder height is not known. → Sit the child against a wall and measure from the surface it sits on to the top of the shoulder.'],
])('%s', (_, c, said) => expect(told('strap-height', c)).toBe(said)) // prettier-ignore
