import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'

const ROOT = resolve(__dirname, '../..')
const PAGE = 'ARCHITECTURE.md'
const pages = ['core/src', 'web/src', 'server/src'].flatMap((at) =>
  readdirSync(join(ROOT, at))
    .map((folder) => `${at}/${folder}/${PAGE}`)
    .filter((page) => existsSync(join(ROOT, page))),
)

/** Whether a page's word for a file, perhaps with a `*` in its name, is a file in one of the places it may mean. */
function isThere(page: string, name: string): boolean {
  const places = [dirname(page), 'core/src', 'core/src/rules/set-up', 'core/test', 'web/src', '.']
  if (!name.includes('*')) return places.some((at) => existsSync(join(ROOT, at, name)))
  const pattern = new RegExp(`^${name.split('/').at(-1)?.replaceAll('.', '\\.').replace('*', '.*')}$`)
  return places.some((at) => {
    const folder = join(ROOT, at, dirname(name))
    return existsSync(folder) && readdirSync(folder).some((file) => pattern.test(file))
  })
}

test('the hard parts have a page each', () => {
  const hard = ['arrange', 'bench', 'forecast', 'match', 'procedure', 'readings'].map((f) => `core/src/${f}/${PAGE}`)
  expect(pages).toEqual([...hard, `web/src/session/${PAGE}`])
})
test.each(pages)('%s: every file that it names is there, and it has laws with their tests', (page) => {
  const text = readFileSync(join(ROOT, page), 'utf8')
  const named = [...text.matchAll(/`([^`\s]+(?:\.(?:tsx?|md)|\/))`/g)].map((m) => m[1] as string)
  expect(named.length).toBeGreaterThan(5)
  expect(named.filter((name) => !isThere(page, name))).toEqual([])
  const laws = text.slice(text.indexOf('## Laws'))
  expect([...laws.matchAll(/^\|.*\.test\.tsx?.*\|$/gm)].length).toBeGreaterThanOrEqual(5)
})
test('a rule of the book has a page, and no page is of a rule that is gone', () => {
  const book = readFileSync(join(ROOT, 'docs/rules.md'), 'utf8')
  const ids = [...book.matchAll(/^### \[([^\]]+)\]/gm)].map((m) => `${m[1]}.md`)
  expect(readdirSync(join(ROOT, 'docs/rules')).toSorted()).toEqual(ids.toSorted())
})
