import { Sequence } from '../ground/index.ts'
import { BELT_ROUTE, buildCase, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { assess, CAUTION, type Case } from '../index.ts'
import { personSheet, personSheetText } from './index.ts'

const good = withEverythingGood(buildCase({ route: BELT_ROUTE }))
const titled = (c: Case, title: string) => personSheet(c).find((s) => s.title === title)?.lines

test('what failed, what is open, what was read, and whom to ask', () => {
  const c: Case = {
    ...good,
    readings: { ...good.readings, 'belt-twist': { option: 'twisted', at: Sequence(9) }, 'slack-mm': undefined },
  }
  expect(titled(c, 'What does not hold')?.join()).toMatch(/twist/i)
  expect(titled(c, 'What is open')).toEqual(assess(c).measureNext.map((n) => `${n.ask}.`))
  expect(titled(c, 'What was read')).toEqual(expect.arrayContaining(['Belt path: every guide, as listed']))
  expect(titled(c, 'How it is set')).toEqual(expect.arrayContaining([expect.stringMatching(/^Recline: /)]))
  expect(titled(c, 'Where to ask')?.[0]).toContain('The manual of the Ravel Halyard')
})
test('what went stale is to be checked again, and is not among what was read', () => {
  const c: Case = { ...good, disturbances: { base: { at: Sequence(9) } } }
  expect(titled(c, 'To check again')?.join()).toContain('base moved after it was checked')
  const again = assess(c).stale.map((s) => s.label)
  for (const line of titled(c, 'What was read') ?? []) expect(again).not.toContain(line.split(':')[0])
})
test.each(Object.entries(CONFIGURATIONS))('%s: names nobody, ends in the caution, and says where to ask', (_, c) => {
  const named = { ...c, child: { ...c.child, name: 'Quillon', familyName: 'Overby' } }
  const sheet = personSheet(named)
  expect(personSheetText(sheet)).not.toMatch(/Quillon|Overby|undefined/)
  expect(sheet.at(-1)).toEqual({ title: 'Caution', lines: [CAUTION] })
  expect(sheet.every((s) => s.lines.length > 0 && s.lines.every((l) => l.length > 3))).toBe(true)
  expect(sheet.some((s) => s.title === 'Where to ask')).toBe(true)
})
describe('whom the practice names', () => {
  const contacts = { maker: 'Ravel, 01632 960 114', practice: 'the hut, Saturdays', specialist: 'the ward' }
  const failing: Case = {
    ...good,
    readings: { ...good.readings, 'belt-twist': { option: 'twisted', at: Sequence(9) } },
  }
  const asked = (c: Case) => titled({ ...c, practice: { ...c.practice, contacts } }, 'Where to ask')
  test('stands beside where to ask as a rule, and only there', () => {
    const usual = titled(failing, 'Where to ask')!
    expect(asked(failing)).toEqual(
      usual.map(
        (line) =>
        line.startsWith('The manual') ? `${line} Ask: ${contacts.maker}` : line.startsWith('A trained') ? `${line} Ask: ${contacts.practice}` : line, // prettier-ignore
      ),
    )
    expect(asked(failing)?.join()).not.toContain('ward')
  })
  test('a child whose posture is for a specialist: that one first', () => {
    const child = { ...failing.child, needsPostureSpecialist: true }
    expect(asked({ ...failing, child })?.[0]).toMatch(/^The specialist for the child’s posture.* Ask: the ward$/)
    expect(titled({ ...failing, child }, 'Where to ask')?.[0]).not.toContain('Ask:')
  })
})
test('nothing chosen yet is a sheet too', () => {
  const bare = { ...good, vehicle: undefined, choice: { at: Sequence(0) }, settings: {}, readings: {} }
  expect(personSheet(bare).map((s) => s.title)).toEqual(['This fitting', 'What is open', 'Caution'])
})
