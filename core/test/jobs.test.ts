import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { fittedSubject, JOB_CHECK_IDS, JOB_KINDS, JOBS_EN, planJob, type JobTexts } from '../src/index.ts'
import { CONFIGURATIONS } from './configurations.ts'
import { demo } from './kinds.ts'

test('every job has its file and its text', () => {
  const files = readdirSync(join(__dirname, '../src/aftercare/jobs'))
  expect(files.toSorted()).toEqual(JOB_KINDS.flatMap((kind) => [`${kind}.ts`, `${kind}.en.ts`]).toSorted())
})

/** Another language: each text is its own address. */
const PSEUDO = {
  jobs: Object.fromEntries(
    JOB_KINDS.map((kind) => [
      kind,
      {
        steps: Object.fromEntries(Object.keys(JOBS_EN.jobs[kind].steps).map((id) => [id, () => `⟦${kind}/${id}⟧`])),
      },
    ]),
  ),
  checks: Object.fromEntries(
    JOB_CHECK_IDS.map((id) => [
      id,
      { label: `⟦${id}⟧`, how: `⟦${id}⟧`, good: `⟦${id}⟧`, bad: `⟦${id}⟧`, remedy: `⟦${id}⟧` },
    ]),
  ),
  titles: Object.fromEntries(JOB_KINDS.map((kind) => [kind, `⟦${kind}⟧`])),
  unsure: '⟦unsure⟧',
  conversion: () => '⟦conversion⟧',
} as unknown as JobTexts

test('no job speaks English where another language is asked for, and each says as much in both', () => {
  const { models = [] } = demo('restraints.json')
  const contexts = [
    ...models.flatMap((model) =>
      model.modes.flatMap((mode) => model.modes.map((toMode) => ({ model, mode, toMode, route: mode.routes[0] }))),
    ),
    ...Object.values(CONFIGURATIONS).map((c) => fittedSubject(c)!),
  ]
  const said = new Set<string>()
  for (const context of contexts) {
    for (const kind of JOB_KINDS) {
      const [other, english] = [planJob(kind, context, PSEUDO), planJob(kind, context)]
      expect([kind, other.steps.map((s) => s.id)]).toEqual([kind, english.steps.map((s) => s.id)])
      const texts = [
        other.title,
        ...(other.byMaker ? [] : other.steps.map((s) => s.text)),
        ...other.checks.flatMap((c) => [c.label, c.how, c.remedy, ...c.options.map((o) => o.label)]),
      ]
      for (const text of texts) expect([kind, text]).toEqual([kind, expect.stringMatching(/^⟦[^⟧]+⟧$/)])
      for (const { text } of other.steps) said.add(text)
    }
  }
  const all = JOB_KINDS.flatMap((kind) => Object.keys(JOBS_EN.jobs[kind].steps).map((id) => `⟦${kind}/${id}⟧`))
  expect(said.size).toBeGreaterThan(all.length * 0.8)
})
