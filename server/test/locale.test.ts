import { localeIn } from '../src/http/locale'

test.each([
  ['de-AT,de;q=0.9,en;q=0.8', 'de-AT'],
  ['en-us', 'en-US'],
  ['fr;q=0.5', 'fr'],
  ['*', undefined],
  ['', undefined],
  [undefined, undefined],
  ['not a tag', undefined],
  ['../../etc', undefined],
])('of %s the reader’s language is %s', (header, locale) => {
  expect(localeIn(header)).toBe(locale)
})
