import { Sequence } from '../../ground/index.ts'
import { buildCase } from '../../../test/build.ts'
import { told } from '../../../test/told.ts'
import { measured, type Case, type Child, type Mode } from '../../index.ts'

type Insert = NonNullable<Mode['inserts']>[number]
const PAD: Insert = {
  id: 'pad',
  name: 'newborn pad',
  thicknessMm: 20,
  requiredUntil: { massKg: 7 },
  allowedUntil: { massKg: 9 },
}
const WEDGE: Insert = { id: 'hip', name: 'hip wedge', thicknessMm: 0, allowedUntil: { massKg: 9 } }

const at = (kg: number | undefined, insertsIn?: readonly string[], inserts: readonly Insert[] = [PAD], mode: Partial<Mode> = {}): Case => {
  const c = buildCase({
    mode: { inserts: [...inserts], ...mode },
    child: kg === undefined ? { massKg: undefined as never } : { massKg: measured(kg, 0.1) },
    settings: insertsIn === undefined ? {} : { insertsIn: { value: [...insertsIn], at: Sequence(2) } },
  })
  return c
} // prettier-ignore

test.each<[string, Case, string]>([
  ['required, and not recorded', at(5), 'undecided, fix by maker | asks setting.insertsIn | Which inserts are in is not recorded; for this child: newborn pad in. → Record which inserts are in.'],
  ['required, and in', at(5, ['pad']), 'pass, fix by maker | Inserts as the maker asks: newborn pad in.'],
  ['required, and out', at(5, []), 'fail, fix by maker | For this child: newborn pad in. → Put newborn pad in.'],
  ['allowed, and in', at(8, ['pad']), 'pass, fix by maker | Inserts as the maker asks: newborn pad optional.'],
  ['allowed, and out', at(8, []), 'pass, fix by maker | Inserts as the maker asks: newborn pad optional.'],
  ['no longer allowed, and in', at(10, ['pad']), 'fail, fix by maker | For this child: newborn pad out. → Take newborn pad out.'],
  ['no longer allowed, and out', at(10, []), 'pass, fix by maker | Inserts as the maker asks: newborn pad out.'],
  ['no longer allowed, and not recorded', at(10), 'undecided, fix by maker | asks setting.insertsIn | Which inserts are in is not recorded; for this child: newborn pad out. → Record which inserts are in.'],
  ['at its end, in: whether it still may is open', at(9, ['pad']), 'undecided, fix by maker | asks child.massKg | Whether newborn pad belongs in depends on a measure that is missing or too close to its limit. → Measure the child more closely.'],
  ['at its end, out: that is allowed', at(9, []), 'pass, fix by maker | Inserts as the maker asks.'],
  ['at the end of must, in: that is allowed', at(7, ['pad']), 'pass, fix by maker | Inserts as the maker asks.'],
  ['at the end of must, out: whether it must is open', at(7, []), 'undecided, fix by maker | asks child.massKg | Whether newborn pad belongs in depends on a measure that is missing or too close to its limit. → Measure the child more closely.'],
  ['the mass is not known, and it is in', at(undefined, ['pad']), 'undecided, fix by maker | asks child.massKg | Whether newborn pad belongs in depends on a measure that is missing or too close to its limit. → Measure the child more closely.'],
  ['two of them, each wrong', at(5, ['hip'], [PAD, { ...WEDGE, allowedUntil: { massKg: 4 } }]), 'fail, fix by maker | For this child: newborn pad in, hip wedge out. → Put newborn pad in; take hip wedge out.'],
  ['two of them, each right', at(8, ['hip'], [PAD, WEDGE]), 'pass, fix by maker | Inserts as the maker asks: newborn pad optional, hip wedge optional.'],
  ['two of them, both open', at(undefined, ['pad', 'hip'], [PAD, WEDGE]), 'undecided, fix by maker | asks child.massKg | Whether newborn pad and hip wedge belong in depends on a measure that is missing or too close to its limit. → Measure the child more closely.'],
  ['a mode without any', at(5, undefined, []), 'not-applicable'],
])('%s', (_, c, said) => expect(told('inserts', c)).toBe(said)) // prettier-ignore

describe('the head above padding', () => {
  // Eyes stand at 86 to 90 % of the sitting height.
  interface Parts {
    readonly sitting?: readonly [mm: number, plusMinus: number]
    readonly child?: Partial<Child>
    readonly mode?: Partial<Mode>
    readonly insertsIn?: readonly string[]
    readonly seen?: number
  }
  const sat = ({ sitting, child = {}, mode = {}, insertsIn = ['pad'], seen }: Parts = {}): Case =>
    buildCase({
      mode: { inserts: [{ ...PAD, requiredUntil: undefined as never }], shellEdgeMm: 480, ...mode },
      child: { massKg: measured(6), ...(sitting && { sittingHeightMm: measured(...sitting) }), ...child },
      settings: { insertsIn: { value: [...insertsIn], at: Sequence(2) } },
      readings: seen === undefined ? {} : { head: { option: 'below', at: Sequence(seen) } },
    })
  test.each<[string, Case, string]>([
    ['eyes at the edge', sat({ sitting: [500, 0], mode: { shellEdgeMm: 470 } }), 'pass, fix by maker | 450 to 470 mm, limit 470, room 0 | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 470 mm.'],
    ['eyes certainly below it', sat({ sitting: [500, 0] }), 'pass, fix by maker | 450 to 470 mm, limit 480, room 10 | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 480 mm.'],
    ['eyes certainly above it', sat({ sitting: [500, 0], mode: { shellEdgeMm: 440 } }), 'fail, fix by maker | 450 to 470 mm, limit 440, room -30 | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 440 mm. → Take out the optional inserts, or choose another mode.'],
    ['eyes perhaps above it', sat({ sitting: [500, 0], mode: { shellEdgeMm: 460 } }), 'undecided, advise by maker | 450 to 470 mm, limit 460, room -10 | asks child.sittingHeightMm | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 460 mm. → Take out the optional inserts, or choose another mode.'],
    ['the maker wants a distance', sat({ sitting: [500, 0], mode: { headBelowEdgeMm: 20 } }), 'undecided, advise by maker | 450 to 470 mm, limit 460, room -10 | asks child.sittingHeightMm | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 460 mm. → Take out the optional inserts, or choose another mode.'],
    ['by ears', sat({ sitting: [500, 0], mode: { headRule: 'ears-below-edge' } }), 'undecided, advise by maker | 470 to 490 mm, limit 480, room -10 | asks child.sittingHeightMm | Top of the ears at 480 ± 10 mm with 20 mm of inserts; the edge is at 480 mm. → Take out the optional inserts, or choose another mode.'],
    ['by the crown', sat({ sitting: [500, 0], mode: { headRule: 'crown-inside' } }), 'fail, fix by maker | 520 mm, limit 480, room -40 | Crown at 520 mm with 20 mm of inserts; the edge is at 480 mm. → Take out the optional inserts, or choose another mode.'],
    ['an estimate may pass', sat({ mode: { shellEdgeMm: 700 } }), 'pass, fix by maker | 412.1858 to 479.81 mm, limit 700, room 220 | Eyes at 446 ± 34 mm with 20 mm of inserts; the edge is at 700 mm.'],
    ['an estimate never fails', sat({ mode: { shellEdgeMm: 300 } }), 'undecided, advise by maker | 412.1858 to 479.81 mm, limit 300, room -180 | asks child.sittingHeightMm | Eyes at 446 ± 34 mm with 20 mm of inserts; the edge is at 300 mm. → Take out the optional inserts, or choose another mode.'],
    ['no sitting height, and no stature', sat({ child: { statureCm: undefined as never } }), 'undecided, advise by maker | asks child.sittingHeightMm | The height of the head with the inserts in cannot be calculated; check it on the child. → Look at the head against the edge once the child sits in it.'],
    ['no edge of the shell', sat({ sitting: [500, 0], mode: { shellEdgeMm: undefined as never } }), 'undecided, advise by maker | asks check.head | The height of the head with the inserts in cannot be calculated; check it on the child. → Look at the head against the edge once the child sits in it.'],
    ['seen on the child', sat({ sitting: [500, 0], seen: 9 }), 'not-applicable'],
    ['seen on the child before the pad was put in', sat({ sitting: [500, 0], seen: 1 }), 'pass, fix by maker | 450 to 470 mm, limit 480, room 10 | Eyes at 460 ± 10 mm with 20 mm of inserts; the edge is at 480 mm.'],
    ['nothing in', sat({ sitting: [500, 0], insertsIn: [] }), 'not-applicable'],
    ['by the car’s head restraint', sat({ sitting: [500, 0], mode: { headRule: 'ears-below-vehicle-head-restraint' } }), 'not-applicable'],
    ['no head rule', sat({ sitting: [500, 0], mode: { headRule: undefined as never } }), 'not-applicable'],
  ])('%s', (_, c, said) => expect(told('head-with-inserts', c)).toBe(said)) // prettier-ignore
})
