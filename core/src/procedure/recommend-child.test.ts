import { BOOSTER, buildCase } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { fittedSubject, measured, type Case, type Mode } from '../index.ts'
import { recommendGuide, recommendInserts, recommendStrap } from './recommend-child.ts'

type Inserts = NonNullable<Mode['inserts']>
const pad = (id: string, name: string, over: Partial<Inserts[number]> = {}): Inserts[number] => ({ id, name, thicknessMm: 20, ...over }) // prettier-ignore
const of = (inserts: Inserts, over: Parameters<typeof buildCase>[0] = {}): Case => buildCase({ ...over, mode: { inserts, ...over.mode } }) // prettier-ignore
const inserts = (c: Case) => recommendInserts(fittedSubject(c)!)
/** The child weighs 10.4 kg. */
const MUST = pad('hip', 'hip pad', { requiredUntil: { massKg: 12 } })
const MUST_NOT = pad('newborn', 'newborn pad', { allowedUntil: { massKg: 9 } })
const MAY = pad('head', 'head pad', { allowedUntil: { massKg: 13 } })
const CLOSE = pad('close', 'seat pad', { requiredUntil: { massKg: 10.4 } })
const BECAUSE = 'the maker’s limits for this child'

describe('inserts', () => {
  test('each in or out by the maker’s limits; what is optional is in, or out where it goes out early for comfort', () => {
    const said = { setting: 'insertsIn', kind: 'set', text: 'Newborn pad out, hip pad in, head pad optional', because: BECAUSE } // prettier-ignore
    expect(inserts(of([MUST_NOT, MUST, MAY]))).toEqual([{ ...said, value: ['hip', 'head'] }])
    expect(inserts(of([MUST_NOT, MUST, MAY], { practice: { insertOut: 'earlier-for-comfort' } }))).toEqual([{ ...said, value: ['hip'] }]) // prettier-ignore
  })
  test('one that a closer measure decides is asked for, and with it all', () => {
    expect(inserts(of([MUST, CLOSE]))).toEqual([
      { setting: 'insertsIn', kind: 'ask', text: 'Hip pad in, seat pad measure first', because: BECAUSE },
    ])
  })
  test('a mode without any asks for nothing; one of which nobody has read asks for the manual', () => {
    expect(inserts(of([]))).toEqual([])
    expect(inserts(buildCase({ mode: { inserts: undefined }, unstated: true }))).toEqual([
      { setting: 'insertsIn', kind: 'ask', text: 'Look up the inserts, and until when', because: 'the entry for this restraint does not say' },
    ]) // prettier-ignore
    expect(inserts(buildCase({ mode: { ...BOOSTER, inserts: undefined }, unstated: true }))).toEqual([])
  })
})

describe('straps', () => {
  const straps = (c: Case) => recommendStrap(fittedSubject(c)!)
  test('set by the shoulder with the padding that is in, or that will be', () => {
    expect(straps(of([]))).toMatchObject([{ kind: 'set', value: 280 }])
    expect(straps(of([MUST]))).toMatchObject([{ kind: 'set', value: 305 }])
    expect(straps({ ...of([MUST]), settings: { insertsIn: { value: [], at: Sequence(2) } } })).toMatchObject([{ kind: 'set', value: 280 }]) // prettier-ignore
  })
  test('padding that a closer measure decides is recorded first', () => {
    expect(straps(of([CLOSE]))).toEqual([
      { setting: 'strapHeightMm', kind: 'ask', text: 'Record which inserts are in first', because: 'the padding under the child raises the shoulder' },
    ]) // prettier-ignore
  })
  test('of a shield or a booster none are asked for; of straps nobody has read, the manual is', () => {
    expect(straps(buildCase({ mode: { heldBy: 'shield', strap: undefined } }))).toEqual([])
    expect(straps(buildCase({ mode: { strap: undefined } }))).toMatchObject([{ kind: 'ask', text: 'Look up the heights of the straps' }]) // prettier-ignore
  })
  test('without a shoulder it is measured', () => {
    expect(straps(buildCase({ child: { seatedShoulderHeightMm: undefined } }))).toMatchObject([{ kind: 'ask', text: 'Measure the seated shoulder height first' }]) // prettier-ignore
  })
})

describe('the guide of a booster', () => {
  const guides = (mode: Partial<Mode>, child: object = {}) =>
    recommendGuide(fittedSubject(buildCase({ mode: { ...BOOSTER, beltGuideMm: { fromMm: 350, toMm: 520 }, ...mode } as never, child: { statureCm: measured(112, 0.5), massKg: measured(20, 0.1), seatedShoulderHeightMm: measured(400, 2), ...child } }))!) // prettier-ignore
  test('is asked for only of a booster with a back that has one', () => {
    expect(guides({}).length).toBe(1)
    expect(guides({ shape: 'booster-cushion' })).toEqual([])
    expect(guides({ beltGuideMm: undefined })).toEqual([])
    expect(recommendGuide(fittedSubject(buildCase())!)).toEqual([])
  })
  test.each([
    [400, 2, 'set', /^Belt guide at 4\d\d mm$/],
    [400, 30, 'choose', /^Belt guide near 4\d\d mm: measure the shoulder, or adjust it to the child$/],
    [250, 2, 'none', /^Too small: the guide does not come low enough$/],
    [600, 2, 'none', /^Outgrown: the guide is too low$/],
  ] as const)('a shoulder at %s ± %s mm: %s', (mm, spread, kind, text) => {
    const [said] = guides({}, { seatedShoulderHeightMm: measured(mm, spread) })
    expect(said).toMatchObject({ setting: 'strapHeightMm', kind, text: expect.stringMatching(text) as string })
    expect(said?.because).toMatch(spread === 2 ? `shoulder at ${mm} ± 2 mm; the guide stands` : /^shoulder at/)
  })
  test('too close to tell, one height is offered: the one that the sentence names', () => {
    const [said] = guides({}, { seatedShoulderHeightMm: measured(400, 30) })
    expect(said).toMatchObject({
      kind: 'choose',
      values: [410],
      text: expect.stringContaining('near 410 mm') as string,
    })
  })
  test('one that is estimated from the stature refuses nothing: it is asked for', () => {
    const [said] = guides({ beltGuideMm: { fromMm: 650, toMm: 700 } }, { seatedShoulderHeightMm: undefined })
    expect(said).toMatchObject({ kind: 'ask', text: 'Too small: the guide does not come low enough' })
    expect(said?.because).toContain(', estimated from the stature; the guide stands')
  })
  test('without a shoulder it is measured first', () => {
    expect(guides({}, { seatedShoulderHeightMm: undefined, statureCm: undefined })).toMatchObject([{ setting: 'strapHeightMm', kind: 'ask', text: 'Measure the seated shoulder height first' }]) // prettier-ignore
  })
})
