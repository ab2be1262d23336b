import { dayPattern, dayText, parseDay, parseTime } from './days.ts'

test.each([
  ['en-GB', '31/12/2026', 'dd/mm/yyyy'],
  ['en-US', '12/31/2026', 'mm/dd/yyyy'],
  ['de-DE', '31.12.2026', 'dd.mm.yyyy'],
  ['sv-SE', '2026-12-31', 'yyyy-mm-dd'],
])('%s writes a day as %s, and reads it back', (locale, text, pattern) => {
  expect([dayText('2026-12-31', locale), dayPattern(locale)]).toEqual([text, pattern])
  expect(parseDay(text, locale)).toBe('2026-12-31')
})
test.each([
  ['3/4/2026', 'en-GB', '2026-04-03'],
  ['3/4/2026', 'en-US', '2026-03-04'],
  ['2026-4-3', 'en-US', '2026-04-03'],
  [' 3. 4. 2026 ', 'de-DE', '2026-04-03'],
  ['29/2/2028', 'en-GB', '2028-02-29'],
  ['29/2/2027', 'en-GB', undefined],
  ['31/4/2026', 'en-GB', undefined],
  ['3/13/2026', 'en-GB', undefined],
  ['3/4/26', 'en-GB', undefined],
  ['3/4', 'en-GB', undefined],
  ['yesterday', 'en-GB', undefined],
  ['', 'en-GB', undefined],
  ['3/4/2026/1', 'en-GB', undefined],
  ['0003-04-05', 'en-GB', '0003-04-05'],
])('%p in %s is %p', (text, locale, iso) => expect(parseDay(text, locale)).toBe(iso))
test.each([
  ['9', '09:00'],
  ['930', '09:30'],
  ['0930', '09:30'],
  ['9.30', '09:30'],
  ['23:59', '23:59'],
  ['8:30 pm', '20:30'],
  ['8 PM', '20:00'],
  ['0830p.m.', '20:30'],
  ['12 am', '00:00'],
  ['12:05 pm', '12:05'],
  ['1:00 a.m.', '01:00'],
  ['0 am', undefined],
  ['13 pm', undefined],
  ['8 p', undefined],
  ['24:00', undefined],
  ['9:60', undefined],
  ['9:3', undefined],
  ['', undefined],
  ['noon', undefined],
])('%p is the time %p', (text, time) => expect(parseTime(text)).toBe(time))
