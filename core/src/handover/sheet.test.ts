import { buildCase, withEverythingGood } from '../../test/build.ts'
import { CONFIGURATIONS } from '../../test/configurations.ts'
import { assess, caseText, recheckList, roadAhead, settingsToRemember, type Case } from '../index.ts'
import { IsoDate, oncePer, Sequence } from '../ground/index.ts'
import { fittedSubject } from '../match/index.ts'
import { CAUTION, VERDICT_TEXT } from '../verdict/index.ts'
import { aheadWhenText, handoverSheet, type SheetBlock } from './index.ts'

const good = withEverythingGood(buildCase())
/** Of each case once: a forecast takes longer than the sheet. */
const aheadOf = oncePer((c: Case) => roadAhead(c, 20))
const sheetOf = (c: Case, locale?: string) => handoverSheet(c, assess(c), aheadOf(c), locale)
const block = <K extends SheetBlock['kind']>(c: Case, kind: K, title?: string) =>
  sheetOf(c).blocks.find(
    (b): b is Extract<SheetBlock, { kind: K }> => b.kind === kind && (title === undefined || b.title === title),
  )

test('a ready fitting, from the verdict to the signature', () => {
  const sheet = sheetOf(good)
  expect({ ...sheet, blocks: sheet.blocks.map((b) => `${b.kind}: ${b.title}`) }).toEqual({
    title: 'Handover: Kit',
    heading: 'Child restraint handover',
    judgedFor: 'Judged for 25 November 2026',
    verdict: 'ready',
    verdictText: 'Ready to travel',
    headline: assess(good).headline,
    decided: expect.stringContaining('Nearest to its limit') as string,
    caution: CAUTION,
    blocks: [
      'rows: This fitting',
      'settings: Settings to remember',
      'rows: What changes next',
      'held: What holds',
      'looks: Before a ride, look again',
      'signing: Not signed',
    ],
  })
  expect(block(good, 'rows', 'This fitting')?.rows).toEqual([
    { name: 'Child', value: 'Kit' },
    { name: 'Car and place', value: 'Corran Plover, Rear left' },
    { name: 'Restraint', value: expect.stringMatching(/^Ravel .*, Rearward/) as string },
  ])
})
test.each(Object.entries(CONFIGURATIONS))('%s: what is remembered, looked at and open is all on it', (_, c) => {
  const sheet = sheetOf(c)
  const subject = fittedSubject(c)
  const { findings } = assess(c)
  expect(block(c, 'settings')?.rows ?? []).toEqual(settingsToRemember(c))
  expect(block(c, 'looks')?.looks.map((l) => l.ask) ?? []).toEqual(
    subject ? recheckList(subject).map((i) => i.ask) : [],
  )
  const open = findings.filter((f) => f.kind !== 'pass').map((f) => `${f.title}: ${f.reason}`)
  expect(block(c, 'list')?.lines ?? []).toEqual(open.slice(0, 8))
  expect(block(c, 'signing')?.words).toBe(caseText(c, aheadOf(c)))
  // No part stands with nothing under its title.
  for (const b of sheet.blocks)
    expect(['rows', 'list', 'settings', 'looks'].includes(b.kind) && Object.values(b).some((v) => Array.isArray(v) && v.length === 0)).toBe(false) // prettier-ignore
})
test('nothing chosen: the sheet says so, and that it is not ready', () => {
  const { settings: _s, ...rest } = buildCase()
  const bare: Case = { ...rest, vehicle: undefined, settings: {}, choice: { at: Sequence(0) } } as Case
  expect(sheetOf(bare).verdictText).toBe(VERDICT_TEXT.undecided)
  expect(block(bare, 'rows', 'This fitting')?.rows.slice(1)).toEqual([
    { name: 'Car and place', value: 'none yet' },
    { name: 'Restraint', value: 'none yet' },
  ])
  expect(block(bare, 'settings')).toBeUndefined()
  expect(block(bare, 'looks')).toBeUndefined()
})
test.each<[string, Case['handover'], string, object]>([
  [
    'signed by two, the carer having tried',
    {
      fitterName: 'Jory Penrose',
      secondName: 'Ada Lorne',
      carerName: 'Maren Hale',
      carerTried: 'well',
      carerStrokes: 'M10 20L30 40',
      signedAt: '2026-11-25T10:00:00.000Z',
    },
    'Handed over on 25 November 2026',
    {
      rows: [],
      lines: ['The carer did it well.'],
      hands: [
        { role: 'Fitter', name: 'Jory Penrose, with Ada Lorne', strokes: undefined },
        { role: 'Carer', name: 'Maren Hale', strokes: 'M10 20L30 40' },
      ],
    },
  ],
  [
    'left against advice',
    {
      fitterName: 'Jory Penrose',
      carerName: 'Maren Hale',
      againstAdvice: { reason: 'In a hurry', said: 'It is not tight' },
      signedAt: '2026-11-25T10:00:00.000Z',
    },
    'Left not ready, against advice, on 25 November 2026',
    {
      rows: [
        { name: 'Their reason', value: 'In a hurry' },
        { name: 'They were told', value: 'It is not tight' },
      ],
      lines: [],
    },
  ],
])('%s', (_, handover, title, signing) => {
  expect(block({ ...good, handover } as Case, 'signing')).toMatchObject({ title, ...signing })
})
test('days stand in the reader’s order; a language that is none is taken as not said', () => {
  expect(sheetOf(good, 'en-US').judgedFor).toBe('Judged for November 25, 2026')
  expect(sheetOf(good, 'de-AT').judgedFor).toBe('Judged for 25. November 2026')
  expect(sheetOf(good, 'no such tag').judgedFor).toBe('Judged for 25 November 2026')
})
test.each([
  [{ isFixed: true, late: IsoDate('2027-05-25') }, '25 May 2027'],
  [{ isFixed: false, late: IsoDate('2027-11-25') }, 'about May 2027 (from February 2027 to November 2027)'],
  [{ isFixed: false, late: undefined }, 'about May 2027 (from February 2027, or much later)'],
])('when, of %j: %s', (over, text) => {
  const [item] = aheadOf(good)
  expect(aheadWhenText({ ...item!, early: IsoDate('2027-02-10'), likely: IsoDate('2027-05-25'), ...over })).toBe(text)
})
