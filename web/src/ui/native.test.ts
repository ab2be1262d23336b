import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import ts from 'typescript'

/** Nothing on a screen is a browser's own control: each has its one look, in this folder. */
const SRC = join(__dirname, '..')
const NEVER = new Set(['select', 'option', 'details', 'summary', 'progress', 'meter', 'dialog', 'datalist', 'output'])
const WRAPPED_HERE = new Set(['input', 'textarea', 'button'])
// A password is text that the browser hides, and that a keeper of passwords fills in.
const PLAIN_TYPES = new Set(['text', 'file', 'password'])

const filesIn = (folder: string): readonly string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory()
      ? filesIn(join(folder, entry.name))
      : entry.name.endsWith('.tsx') && !entry.name.endsWith('.test.tsx')
        ? [join(folder, entry.name)]
        : [],
  )

function faultsOf(path: string): readonly string[] {
  const file = relative(SRC, path)
  const source = ts.createSourceFile(file, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX)
  const faults: string[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isJsxOpeningElement(node) || ts.isJsxSelfClosingElement(node)) {
      const tag = node.tagName.getText(source)
      const attributes = new Map(
        node.attributes.properties.flatMap((a) => (ts.isJsxAttribute(a) ? [[a.name.getText(source), a]] : [])),
      )
      const type = attributes.get('type')?.initializer
      const line = source.getLineAndCharacterOfPosition(node.getStart(source)).line + 1
      const say = (what: string): void => void faults.push(`${file}:${line} ${what}`)
      if (NEVER.has(tag)) say(`<${tag}>`)
      if (WRAPPED_HERE.has(tag) && !file.startsWith('ui/')) say(`<${tag}>, to be taken from ui`)
      if (tag === 'input' && !(type && ts.isStringLiteral(type) && PLAIN_TYPES.has(type.text))) say('<input> of a type')
      // A tip that only a mouse finds; of our own parts it is their heading.
      if (/^[a-z]/.test(tag) && attributes.has('title')) say(`a title tip on <${tag}>`)
      if (/Field$|Input$/.test(tag) && attributes.has('type')) say(`<${tag}> of a type`)
    }
    ts.forEachChild(node, visit)
  }
  visit(source)
  return faults
}

test('no screen has a native control, nor a field or button that is not ours', () => {
  const files = filesIn(SRC)
  expect(files.length).toBeGreaterThan(100)
  expect(files.flatMap(faultsOf)).toEqual([])
})
