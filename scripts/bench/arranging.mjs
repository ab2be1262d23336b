// Arranging a family: the demo's shelf many times over, and small families beside a MILP solver.
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { createServer } from 'vite'
import { ROOT } from '../lib/run.mjs'

const demo = (file) => JSON.parse(readFileSync(`${ROOT}/demo/${file}`, 'utf8'))

/** A unit of a model of which all is known and good. */
export const soundUnit = (model, i) => ({
  id: `u-${i}`,
  modelId: model.id,
  serial: `S${i}`,
  madeOn: '2024-01-01',
  isHistoryKnown: true,
  wasInCrash: false,
  isRecalled: false,
  isComplete: true,
})

/** A question for so many children, units and places: the demo's models, each a little wider or narrower than the last. */
export function wideQuestion(core, names, unitCount, placeCount) {
  const shelf = demo('restraints.json')
  const seven = demo('pool-cars.json').vehicles.find((v) => v.id === 'corran-avocet')
  const further = [-330, 330].slice(0, Math.max(0, placeCount - seven.positions.length)).map((lateralCentreMm, i) => ({
    ...seven.positions[i === 0 ? 5 : 6],
    id: `fourth-${i}`,
    label: `Fourth ${i}`,
    row: 4,
    lateralCentreMm,
  }))
  const restraints = Array.from({ length: unitCount }, (_, i) => {
    const model = shelf.models[i % shelf.models.length]
    const modes = model.modes.map((m) => ({ ...m, widthMm: (m.widthMm ?? 450) + ((i * 7) % 40) - 20 }))
    return { ...model, id: `m-${i}`, modes }
  })
  const children = names.map((name) => demo('families.json').children.find((c) => c.name === name))
  return core.arrangeRequestSchema.parse({
    format: core.ARRANGE_FORMAT,
    version: core.ARRANGE_VERSION,
    today: '2026-11-24',
    children,
    vehicles: [{ ...seven, positions: [...seven.positions, ...further] }],
    restraints,
    units: restraints.map(soundUnit),
    practice: core.DEFAULT_PRACTICE,
    localRule: core.DEFAULT_LOCAL_RULE,
  })
}

/** Families that a solver takes a second or so for: longer ones would only make the search look better. */
const SEEDS = [6, 9, 13, 20, 22, 31]

/** The same families by the search and by the solver, all levels, start-up left out; ms of each. */
export async function besideSolver(core) {
  const vite = await createServer({
    configFile: false,
    root: ROOT,
    server: { middlewareMode: true },
    logLevel: 'error',
  })
  try {
    const { randomFamily } = await vite.ssrLoadModule('/core/test/arrange/random-family.ts')
    const { milpOf } = await vite.ssrLoadModule('/core/test/arrange/milp.ts')
    const solver = await createRequire(import.meta.url)('highs')()
    const problems = SEEDS.map((seed) =>
      randomFamily(seed, { children: 2 + (seed % 3), models: 4, copies: 2 }),
    ).flatMap((request) => core.compile(core.familyOf(request)))
    for (const problem of problems) core.searchWhole(problem)
    let start = performance.now()
    for (const problem of problems) core.searchWhole(problem)
    const searchMs = performance.now() - start
    const models = problems.map((problem) => milpOf(problem))
    start = performance.now()
    for (const model of models) model.solve(solver)
    return { families: problems.length, searchMs, solverMs: performance.now() - start }
  } finally {
    await vite.close()
  }
}
