import { dateText, paperDate } from './date-text.ts'

test.each([
  ['2027-05-25', 'long-day', 'en-GB', '25 May 2027'],
  ['2027-05-25', 'day', 'en-US', 'May 25, 2027'],
  ['2027-05-25', 'long-month', 'de', 'Mai 2027'],
  ['2027-01-01', 'day-of-year', 'en-GB', '1 Jan'],
] as const)('%s as %s in %s: %s', (iso, form, locale, text) => expect(dateText(iso, form, locale)).toBe(text))

test.each(['Pacific/Honolulu', 'Pacific/Kiritimati', 'UTC'])('a day of the calendar is that day in %s', (zone) => {
  const was = process.env.TZ
  process.env.TZ = zone
  try {
    jest.isolateModules(() => {
      const told = jest.requireActual<typeof import('./date-text.ts')>('./date-text.ts')
      expect(told.dateText('2026-11-25', 'long-day', 'en-GB')).toBe('25 November 2026')
      // A moment is told by the clock of the place.
      const moment = new Date('2026-11-25T12:00:00Z')
      expect(told.dateText(moment.toISOString(), 'day-of-year', 'en-GB')).toBe(
        `${moment.getDate()} ${['Nov'][moment.getMonth() - 10]}`,
      )
    })
  } finally {
    process.env.TZ = was
  }
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
