import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'
import { dateText, dayInSentence, paperDate } from './date-text.ts'

test.each([
  ['2027-05-25', 'long-day', 'en-GB', '25 May 2027'],
  ['2027-05-25', 'day', 'en-US', 'May 25, 2027'],
  ['2027-05-25', 'long-month', 'de', 'Mai 2027'],
  ['2027-01-01', 'day-of-year', 'en-GB', '1 Jan'],
] as const)('%s as %s in %s: %s', (iso, form, locale, text) => expect(dateText(iso, form, locale)).toBe(text))

test.each([
  ['2026-11-20', '20 Nov 2026'],
  ['2026-11-20T23:30:00Z', '20 Nov 2026'],
  ['2026-13-45', '2026-13-45'],
  ['a Tuesday', 'a Tuesday'],
  ['2', '2'],
  ['May 2026', 'May 2026'],
  ['', ''],
])('within a sentence %j stands as %j', (iso, text) => expect(dayInSentence(iso)).toBe(text))

/** A zone is the whole process's, and Jest keeps its own environment apart: each is asked in a process of its own. */
function toldIn(zone: string, code: string): string {
  const { outputText } = ts.transpileModule(readFileSync(join(__dirname, 'date-text.ts'), 'utf8'), {
    compilerOptions: { module: ts.ModuleKind.ESNext, target: ts.ScriptTarget.ES2022 },
  })
  const program = `${outputText}; console.log(${code})`
  return execFileSync(process.execPath, ['--input-type=module', '-e', program], {
    encoding: 'utf8',
    env: { PATH: process.env.PATH, TZ: zone },
  }).trim()
}
test.each([
  ['Pacific/Honolulu', '25 November 2026', '25 Nov'],
  ['UTC', '25 November 2026', '25 Nov'],
  ['Pacific/Kiritimati', '25 November 2026', '26 Nov'],
])('in %s a day of the calendar is that day, and a moment the day of the place', (zone, day, moment) => {
  expect(toldIn(zone, `dateText('2026-11-25', 'long-day', 'en-GB')`)).toBe(day)
  expect(toldIn(zone, `dateText('2026-11-25T23:30:00Z', 'day-of-year', 'en-GB')`)).toBe(moment)
})

test('a paper names the day of a moment everywhere alike, and in its own language where the reader’s is none', () => {
  expect(paperDate('2026-11-25T23:30:00Z')).toBe('25 November 2026')
  expect(paperDate('2026-11-25', 'long-day', 'no language')).toBe('25 November 2026')
  expect(paperDate('2026-11-25', 'long-month', 'de')).toBe('November 2026')
})
test('what is no date is refused, and no text stands for it', () => {
  expect(() => dateText('')).toThrow(RangeError)
  expect(() => paperDate('2026-13-40')).toThrow(RangeError)
})
