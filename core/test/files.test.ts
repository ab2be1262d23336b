import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { RULES } from '../src/index.ts'

const rulesDir = join(__dirname, '../src/rules')

test('each rule file bears its rule’s id, stands in its stage’s folder, and is in the book', () => {
  const files = ['choose', 'place', 'set-up', 'attach', 'child-in'].flatMap((stage) =>
    readdirSync(join(rulesDir, stage))
      .filter((f) => /^[\w-]+\.ts$/.test(f))
      .map((f) => ({ stage, id: f.replace('.ts', ''), text: readFileSync(join(rulesDir, stage, f), 'utf8') })),
  )
  expect(files.map((f) => `${f.stage}/${f.id}`).toSorted()).toEqual(RULES.map((r) => `${r.stage}/${r.id}`).toSorted())
  for (const f of files) expect(f.text).toContain(`id: '${f.id}'`)
})
