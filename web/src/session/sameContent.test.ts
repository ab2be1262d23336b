import { isSameContent } from './sameContent.ts'

test.each([
  [{ a: 1, b: [1, { c: null }] }, { b: [1, { c: null }], a: 1 }, true],
  [{ a: 1, b: undefined }, { a: 1 }, true],
  [{ a: 1 }, { a: 2 }, false],
  [{ a: 1 }, { a: 1, b: 0 }, false],
  [[1, 2], [1], false],
  [[1], { 0: 1 }, false],
  [null, {}, false],
  [NaN, NaN, true],
  ['1', 1, false],
])('%j and %j hold the same: %s', (a, b, same) => {
  expect([isSameContent(a, b), isSameContent(b, a)]).toEqual([same, same])
})
