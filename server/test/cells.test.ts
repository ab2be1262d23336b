import fc from 'fast-check'
import { guardCell, plainCell } from '../src/http/cells'

test.each([
  ['=1+1', "'=1+1"],
  ['+44 1', "'+44 1"],
  ['@cmd', "'@cmd"],
  ['-sum', "'-sum"],
  ['\t=1', "'\t=1"],
  // Read with semicolons between cells, or line by line, these would begin one.
  ['a;=1', "a;'=1"],
  ['a\n=1', "a\n'=1"],
  // Figures stay figures.
  ['-12', '-12'],
  ['-12.5 30', '-12.5 30'],
  ['a=b', 'a=b'],
  ['a-b', 'a-b'],
  ['', ''],
])('%j is written as %j', (text, cell) => {
  expect(guardCell(text)).toBe(cell)
  expect(plainCell(cell)).toBe(text)
})
test('what is guarded comes back as it was, whatever it is', () => {
  const wild = fc.array(fc.constantFrom('=', '+', '-', '@', ';', "'", '\t', '\n', 'a', '1', ' ')).map((x) => x.join(''))
  fc.assert(
    fc.property(wild, (text) => {
      expect(plainCell(guardCell(text))).toBe(text)
      for (const cell of guardCell(text).split(/[;\n]/))
        expect(/^[=+\-@\t]/.test(cell) && !/^-?\d/.test(cell)).toBe(false)
    }),
    { seed: 15, numRuns: 1000 },
  )
})
