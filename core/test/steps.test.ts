import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { fittedSubject, STEPS_EN, stepsFor, USUAL_STEPS, type StepTexts } from '../src/index.ts'
import { withEverythingGood } from './build.ts'
import { CONFIGURATIONS } from './configurations.ts'
import { demoFittings } from './kinds.ts'

const PROCEDURE = join(__dirname, '../src/procedure')

test('every step file is in the list of usual steps, in its stage, with its text beside it', () => {
  const files = (['attach', 'child-in'] as const).flatMap((stage) =>
    readdirSync(join(PROCEDURE, stage)).map((file) => `${stage}/${file}`),
  )
  expect(files.toSorted()).toEqual(
    USUAL_STEPS.flatMap(({ id, stage }) => [`${stage}/${id}.ts`, `${stage}/${id}.en.ts`]).toSorted(),
  )
})
test('a check is recorded at one step of a fitting, and only what is looked at last has a second home', () => {
  const all = USUAL_STEPS.flatMap((s) => s.checks)
  expect(all.filter((id, i) => all.indexOf(id) !== i)).toEqual(['clear-all-round', 'room-beside'])
  for (const c of Object.values(CONFIGURATIONS)) {
    const subject = fittedSubject(c)!
    const here = USUAL_STEPS.filter((s) => s.isIn(subject)).flatMap((s) => s.checks)
    expect(here.filter((id) => id === 'clear-all-round')).toHaveLength(1)
  }
})

/** Another language: each text is its own address. */
const PSEUDO = Object.fromEntries(
  Object.entries(STEPS_EN).map(([id, { says }]) => [
    id,
    {
      title: `⟦${id}⟧`,
      says: Object.fromEntries(Object.keys(says).map((m) => [m, () => `⟦${id}/${m}⟧`])),
    },
  ]),
) as unknown as StepTexts

const FITTINGS = [
  ...Object.entries(CONFIGURATIONS).flatMap(([name, c]) => [
    [name, c] as const,
    [`${name}, all done`, withEverythingGood(c)] as const,
  ]),
  ...demoFittings(),
]
test('no usual step speaks English where another language is asked for, and each says as much in both', () => {
  const said = new Set<string>()
  for (const [name, c] of FITTINGS) {
    const subject = fittedSubject(c)!
    const [other, english] = [stepsFor(subject, PSEUDO), stepsFor(subject)]
    expect([name, other.map((s) => s.does.length)]).toEqual([name, english.map((s) => s.does.length)])
    for (const step of other.filter((s) => !s.byMaker)) {
      for (const text of [step.title, ...step.does])
        expect([name, step.id, text]).toEqual([name, step.id, expect.stringMatching(/^⟦[^⟧]+⟧$/)])
      for (const text of step.does) said.add(text)
    }
  }
  // Most of what the steps can say is said somewhere in these fittings: the rest waits for cars that they lack.
  const all = Object.values(STEPS_EN).flatMap((t) => Object.keys(t.says))
  expect(said.size).toBeGreaterThan(all.length * 0.6)
})
