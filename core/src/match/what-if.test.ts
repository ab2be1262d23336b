import { buildCase, withEverythingGood } from '../../test/build.ts'
import { Sequence } from '../ground/index.ts'
import { CHECK_IDS, fittedSubject } from '../index.ts'
import { askRule, unpassedBy, whatIf } from './what-if.ts'

const good = withEverythingGood(buildCase())
const seat = { value: 80, at: Sequence(1) }
const notch = { value: 7, at: Sequence(2) }
const subject = fittedSubject({ ...good, settings: { legNotch: notch, frontSeatGapMm: seat } })!

test.each([
  ['what stands already', { legNotch: 7, frontSeatGapMm: 80 }],
  ['nothing', {}],
])('with %s the fitting is the very same', (_, values) => {
  expect(whatIf(subject, values)).toBe(subject)
})

test('a changed setting stands where the old one stood in the order of entry; a new one at the start; the others stay', () => {
  const { settings } = whatIf(subject, { legNotch: 4, frontSeatGapMm: 80, vehicleHeadRestraint: 'on' })
  expect(settings).toEqual({
    legNotch: { value: 4, at: 2 },
    frontSeatGapMm: seat,
    vehicleHeadRestraint: { value: 'on', at: 0 },
  })
  expect(subject.settings).toEqual({ legNotch: notch, frontSeatGapMm: seat })
})

test('a setting taken away is away', () => {
  const { settings } = whatIf(subject, { legNotch: undefined })
  expect(Object.entries(settings)).toEqual([['frontSeatGapMm', seat]])
})

test('what hangs on the setting is as if nobody had looked; what does not is as it was', () => {
  const again = unpassedBy(subject, ['legNotch'])
  expect(again.has('leg-contact')).toBe(true)
  const other = whatIf(subject, { legNotch: 4 })
  expect(other.look('leg-contact')).toEqual({})
  expect(subject.look('leg-contact').reading).toBeDefined()
  const kept = CHECK_IDS.filter((id) => !again.has(id) && subject.look(id).reading !== undefined)
  expect(kept.length).toBeGreaterThan(3)
  for (const id of kept) {
    expect(other.look(id)).toEqual(subject.look(id))
    expect(other.doneAt(id)).toBe(subject.doneAt(id))
  }
  expect(other.doneAt('leg-contact')).toBeUndefined()
  expect(other.asked).toBeUndefined()
  const noted = { ...subject, noted: [...again].slice(0, 1).concat(kept[0]!) as never }
  expect(whatIf(noted, { legNotch: 4 }).noted).toEqual([kept[0]])
})

test('a step stays done unless it hangs on what is set otherwise', () => {
  const done = { ...subject, doneAt: () => Sequence(5) }
  const again = unpassedBy(subject, ['legNotch'])
  const other = whatIf(done, { legNotch: 4 })
  expect(other.doneAt('prepare')).toBe(5)
  expect([...again].map((id) => other.doneAt(id))).toEqual([...again].map(() => undefined))
})

test('a rule is asked by its id; one that does not apply says nothing, one that is not there is an error', () => {
  expect(askRule('leg-contact', subject)).toMatchObject({ rule: { id: 'leg-contact' }, outcome: { kind: 'pass' } })
  expect(askRule('lap-section', subject)).toBeUndefined()
  expect(() => askRule('nonsense', subject)).toThrow('No rule "nonsense"')
})
