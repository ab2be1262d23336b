import { Sequence } from '../src/ground/index.ts'
import { execFileSync } from 'node:child_process'
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const ROOT = join(__dirname, '../..')

/** A folder with the core in it, filled before the tests of this block and gone after them. */
function copyOfCore(): string {
  const tree = mkdtempSync(join(tmpdir(), 'nimble-anchor-new-'))
  beforeAll(() => {
    for (const part of ['core/src', 'core/test']) cpSync(join(ROOT, part), join(tree, part), { recursive: true })
    symlinkSync(join(ROOT, 'node_modules'), join(tree, 'node_modules'))
  })
  afterAll(() => rmSync(tree, { recursive: true, force: true }))
  return tree
}

describe('npm run new rule', () => {
  const tree = copyOfCore()
  const rules = join(tree, 'core/src/rules')

  const make = (id: string, stage: string): string => {
    const script = `import { newRule } from ${JSON.stringify(join(ROOT, 'scripts/new.mjs'))}
      try { console.log(newRule(${JSON.stringify(id)}, ${JSON.stringify(stage)}, ${JSON.stringify(rules)}).join(' ')) }
      catch (error) { console.log(error.message) }`
    return execFileSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' }).trim()
  }

  test('a scratch name: rule, words and test are written, and it stands in the book and decides', () => {
    expect(make('scratch-name', 'choose')).toBe(
      'choose/scratch-name.ts choose/scratch-name.en.ts choose/scratch-name.test.ts',
    )
    const { RULES } = jest.requireActual<typeof import('../src/index.ts')>(join(rules, 'index.ts'))
    expect(RULES.map((r) => r.id)).toContain('scratch-name')
    const { kindOf, buildCase } = jest.requireActual<typeof import('./build.ts')>(join(tree, 'core/test/build.ts'))
    const { measured } = jest.requireActual<typeof import('../src/index.ts')>(join(tree, 'core/src/index.ts'))
    const at = (kg: number | undefined) =>
      kindOf('scratch-name', buildCase({ child: { massKg: kg === undefined ? undefined : measured(kg) } }))
    expect([at(17.9), at(18), at(18.1), at(undefined)]).toEqual(['pass', 'pass', 'fail', 'undecided'])
  })
  test.each([
    ['R129-mass-max', 'choose', 'There is a rule "R129-mass-max" already, in choose.'],
    ['R129-mass-max', 'attach', 'There is a rule "R129-mass-max" already, in choose.'],
    ['one', 'choose', 'A rule\'s name is two words or more with hyphens between, like "belt-twist"; got "one".'],
    ['two-words', 'nowhere', 'A rule stands in one of choose, place, set-up, attach, child-in; got "nowhere".'],
  ])('%s in %s: %s', (id, stage, message) => {
    expect(make(id, stage)).toBe(message)
  })
})

describe('npm run new check', () => {
  const tree = copyOfCore()

  const make = (id: string, stage: string): string => {
    const script = `import { newCheck } from ${JSON.stringify(join(ROOT, 'scripts/new.mjs'))}
      try { console.log(newCheck(${JSON.stringify(id)}, ${JSON.stringify(stage)}, ${JSON.stringify(join(tree, 'core/src'))}).join(' ')) }
      catch (error) { console.log(error.message) }`
    return execFileSync(process.execPath, ['--input-type=module', '-e', script], { encoding: 'utf8' }).trim()
  }

  test('a scratch name: check, rule, words and test are written, and it is asked, decides and goes stale', () => {
    expect(make('scratch-look', 'attach')).toBe(
      'checks/attach/scratch-look.ts checks/attach/scratch-look.en.ts ' +
        'rules/attach/scratch-look.ts rules/attach/scratch-look.en.ts rules/attach/scratch-look.test.ts',
    )
    const core = jest.requireActual<typeof import('../src/index.ts')>(join(tree, 'core/src/index.ts'))
    const build = jest.requireActual<typeof import('./build.ts')>(join(tree, 'core/test/build.ts'))
    expect(core.CHECK_IDS).toContain('scratch-look')
    const at = (option: string | undefined, moved?: number) =>
      build.kindOf('scratch-look', {
        ...build.buildCase({
          readings: option === undefined ? {} : ({ 'scratch-look': { option, at: Sequence(3) } } as object),
        }),
        ...(moved !== undefined && { disturbances: { base: { at: Sequence(moved) } } }),
      })
    expect([at('good'), at('bad'), at('unsure'), at(undefined)]).toEqual(['pass', 'fail', 'undecided', 'undecided'])
    expect([at('good', 2), at('good', 4)]).toEqual(['pass', 'undecided'])
  })
  test.each([
    ['leg-contact', 'attach', 'The name "leg-contact" is taken, by checks/attach/leg-contact.ts.'],
    ['R129-mass-max', 'attach', 'A check\'s name is two words or more with hyphens between, like "belt-twist"; got "R129-mass-max".'], // prettier-ignore
    ['place-buckle', 'attach', 'The name "place-buckle" is taken, by rules/place/place-buckle.ts.'],
    ['two-words', 'choose', 'A check is made in one of attach, child-in; got "choose".'],
  ])('%s in %s: %s', (id, stage, message) => {
    expect(make(id, stage)).toBe(message)
  })
})

test.each(['rules', 'checks'])('no text of the scaffold is left in %s', (folder) => {
  const root = join(ROOT, 'core/src', folder)
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter((f) => f.endsWith('.ts'))
  expect(files.length).toBeGreaterThan(130)
  expect(files.filter((f) => readFileSync(join(root, f), 'utf8').includes('TO WRITE'))).toEqual([])
})
