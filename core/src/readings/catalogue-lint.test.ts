import { buildModel, buildRoute, buildStatedMode } from '../../test/build.ts'
import { CHECK_IDS, USUAL_STEP_IDS, type Mode } from '../index.ts'
import { lintMode, lintModel, MAKER_CHANGES } from './catalogue-lint.ts'
import { DISTURBANCE_IDS, SETTING_IDS } from './schema.ts'

const edge = (change: string, ...unpasses: string[]) => ({ change, unpasses })
const EDGES = { staleEdges: [edge('legNotch', 'leg-contact'), edge('nonsense', 'leg-contact', 'no-check')] }

test('a maker may speak of every setting and of what is done to the restraint; not of a removal, another child or leaving', () => {
  expect(MAKER_CHANGES).toEqual(
    [...SETTING_IDS, ...DISTURBANCE_IDS].filter((id) => !['removed', 'child', 'left'].includes(id)),
  )
  expect(MAKER_CHANGES).toEqual(expect.arrayContaining(['recline', 'legNotch', 'base', 'tether', 'driven', 'carrier']))
  const found = (change: string) => lintModel(buildModel([buildStatedMode({ staleEdges: [edge(change)] })]))
  for (const change of MAKER_CHANGES) expect(found(change)).toEqual([])
  for (const change of ['removed', 'child', 'left', 'choice', ''])
    expect(found(change)).toEqual([
      {
        modeId: 'rearward',
        path: 'modes[0].staleEdges[0].change',
        message: `"${change}" is not a change that a maker can name`,
      },
    ])
})

test('an edge un-passes checks, usual steps and the maker’s own steps, and nothing else', () => {
  const steps = [{ id: 'own-step', text: 'Turn the ring', after: [] }] as unknown as Mode['routes'][number]['steps']
  const known = [CHECK_IDS[0]!, CHECK_IDS.at(-1)!, USUAL_STEP_IDS[0]!, USUAL_STEP_IDS.at(-1)!, 'own-step']
  const route = buildRoute({ steps, staleEdges: [edge('base', ...known, 'someone-else')] })
  const found = lintModel(buildModel([buildStatedMode({ routes: [buildRoute({ id: 'first' }), route] })]))
  expect(found.filter((l) => l.path.includes('staleEdges'))).toEqual([
    {
      modeId: 'rearward',
      path: `modes[0].routes[1].staleEdges[0].unpasses[${known.length}]`,
      message: '"someone-else" is neither a check nor a step',
    },
  ])
  const withoutStep = buildRoute({ staleEdges: [edge('base', 'own-step')] })
  expect(lintModel(buildModel([buildStatedMode({ routes: [withoutStep] })]))).toMatchObject([
    { path: 'modes[0].routes[0].staleEdges[0].unpasses[0]' },
  ])
})

test('each fault of each mode by its path; of the model itself without a mode', () => {
  const [first, second] = [buildStatedMode(), buildStatedMode({ id: 'second', ...EDGES })]
  const model = buildModel([first, second])
  expect(lintMode(model, first)).toEqual([])
  const lints = [
    {
      modeId: 'second',
      path: 'modes[1].staleEdges[1].change',
      message: '"nonsense" is not a change that a maker can name',
    },
    {
      modeId: 'second',
      path: 'modes[1].staleEdges[1].unpasses[1]',
      message: '"no-check" is neither a check nor a step',
    },
  ]
  expect(lintMode(model, second)).toEqual(lints)
  expect(lintMode(model, second)).toBe(lintMode(model, second))
  expect(lintModel(model)).toEqual(lints)
  const conversions = [{ from: 'rearward', to: 'elsewhere', changes: [] }] as unknown as typeof model.conversions
  expect(lintModel({ ...model, conversions })).toEqual([
    ...lints,
    { modeId: '', path: 'conversions[0]', message: expect.stringContaining('elsewhere') as string },
  ])
})
