import { compile, familyOf, searchWhole } from '../../src/index.ts'
import { LEVELS, type Levels } from '../../src/arrange/levels.ts'
import { runs } from '../runs.ts'
import { milpOf, type Solver } from './milp.ts'
import { randomFamily } from './random-family.ts'

// eslint-disable-next-line @typescript-eslint/no-require-imports -- a CommonJS package that makes the solver
const load = require('highs') as () => Promise<Solver>

const shown = (levels: Levels | undefined) => levels && LEVELS.map((l) => [l, Math.round(levels[l] * 100) / 100])

// 10 families in `npm test`, 200 by `npm run sweep`.
test('search and an independent MILP model have the same optimum, level by level', async () => {
  const solver = await load()
  let arranged = 0
  for (let seed = 1; seed <= runs(10); seed += 1) {
    const request = randomFamily(seed, { children: 2 + (seed % 2), models: 3, copies: 2 })
    for (const problem of compile(familyOf(request))) {
      const [best] = searchWhole(problem).best
      const other = milpOf(problem).solve(solver)
      expect([seed, shown(best?.levels)]).toEqual([seed, shown(other?.levels)])
      if (best) arranged += 1
    }
  }
  expect(arranged).toBeGreaterThan(2)
}, 3_600_000)
