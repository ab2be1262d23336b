import { nextFact } from './arrange.ts'
import type { Fact } from './facts.ts'

const fact = (key: string): Fact => ({ key, need: 'child.massKg' })
const asks = (...keys: string[]) => ({ facts: keys.map(fact) })

test.each<[string, ReturnType<typeof asks>[], string | undefined]>([
  ['nothing is undecided', [], undefined],
  ['one that settles all', [asks('a'), asks('a')], 'a'],
  // Found bad it refutes three, found good it settles none; the other settles one and refutes one.
  ['one that most of them ask for', [asks('b', 'c'), asks('b', 'd'), asks('b', 'e'), asks('a')], 'b'],
  ['of two that decide as many, the one that settles more', [asks('a', 'b'), asks('a', 'c'), asks('d')], 'd'],
  ['of two alike, the same one every time', [asks('b', 'a')], 'a'],
])('measured next, %s', (_, undecided, key) => {
  expect(nextFact(undecided)?.key).toBe(key)
})
