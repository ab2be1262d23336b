import { whatMoved } from './whatMoved.ts'

test.each([
  ['nothing', ['a', 'b'], ['a', 'b'], []],
  ['two change places: the one that rose is named', ['a', 'b', 'c'], ['b', 'a', 'c'], ['b: 1st (was 2nd)']],
  ['advice gone', ['a', 'b (advised against)'], ['a', 'b'], ['b: no longer advised against, still 2nd']],
  [
    'advice come',
    ['a', 'b'],
    ['b', 'a (advised against)'],
    ['a: now advised against, 2nd (was 1st)', 'b: 1st (was 2nd)'],
  ],
  ['newly there', ['a'], ['a', 'b'], ['b: now 2nd']],
])('%s', (_, before, after, moved) => {
  expect(whatMoved(before, after)).toEqual(moved)
})

test('many moves are counted, not listed', () => {
  const list = Array.from({ length: 23 }, (_, i) => `m${i}`)
  const moved = whatMoved(list, ['new', ...list.slice(1).toReversed(), 'm0'])
  expect(moved).toHaveLength(7)
  expect(moved.at(-1)).toMatch(/^and \d+ more$/)
  expect(whatMoved(list, [...list.slice(0, 20), 'm22', 'm20', 'm21'])).toEqual(['m22: 21st (was 23rd)'])
})
