import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import ts from 'typescript'

const SRC = join(__dirname, '..')
/** What a control says of itself, or has read out. */
const SPOKEN = new Set(['aria-label', 'label', 'title', 'placeholder', 'legend', 'summary', 'hint', 'word', 'alt'])

/** Words that stand in a screen itself, and not in the message file of its folder. */
/** Whether a text is what an expression between tags comes to: alone, as one of two, or in a list that is joined. */
function isShown(node: ts.Node): boolean {
  const { parent } = node
  if (ts.isJsxExpression(parent)) return ts.isJsxElement(parent.parent) || ts.isJsxFragment(parent.parent)
  if (ts.isConditionalExpression(parent)) return parent.condition !== node && isShown(parent)
  if (ts.isBinaryExpression(parent))
    return parent.right === node && /^(&&|\|\||\?\?)$/.test(parent.operatorToken.getText()) && isShown(parent)
  if (ts.isPropertyAccessExpression(parent) && ts.isCallExpression(parent.parent))
    return /^(filter|join|flat)$/.test(parent.name.text) && isShown(parent.parent)
  return (ts.isArrayLiteralExpression(parent) || ts.isParenthesizedExpression(parent)) && isShown(parent)
}

function wordsIn(file: string, code: string): readonly string[] {
  const source = ts.createSourceFile(
    file,
    code,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  )
  const found: string[] = []
  const add = (text: string): void => {
    if (/[A-Za-z]{2}/.test(text)) found.push(`${file}: ${text.trim()}`)
  }
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node)) add(node.text)
    const isSpoken = ts.isJsxAttribute(node) && SPOKEN.has(node.name.getText())
    if (isSpoken && node.initializer && ts.isStringLiteral(node.initializer)) add(node.initializer.text)
    if (ts.isStringLiteralLike(node) && isShown(node)) add(node.text)
    if (ts.isTemplateExpression(node) && isShown(node))
      for (const { text } of [node.head, ...node.templateSpans.map((s) => s.literal)]) add(text)
    const isSentence = ts.isStringLiteral(node) && /^[A-Z][a-z’]+ [a-z’]+ [a-z’]+/.test(node.text)
    if (isSentence && !ts.isImportDeclaration(node.parent) && !ts.isNewExpression(node.parent)) add(node.text)
    ts.forEachChild(node, visit)
  }
  visit(source)
  return found
}

test('words in the tags, in what a control says, and sentences anywhere are found', () => {
  const code = `const a = <p aria-label="Not well">Here {x} too</p>; const b = 'So it is not'; const c = <i className="font-bold" />`
  expect(wordsIn('x.tsx', code)).toEqual(['x.tsx: Not well', 'x.tsx: Here', 'x.tsx: too', 'x.tsx: So it is not'])
})
test('so is a word that an expression between tags comes to; what it only compares with or asks by is not', () => {
  const code = `const a = <p>{[isNew && 'new one', x].filter(Boolean).join(' · ')}{y ? 'is on' : msg.off}{\`\${n} keys\`}{z === 'by-mass' && msg.so}{text(t, 'time')}</p>`
  expect(wordsIn('x.tsx', code)).toEqual(['x.tsx: new one', 'x.tsx: is on', 'x.tsx: keys'])
})
test('no screen holds words of its own: they stand in message files', () => {
  const files = readdirSync(SRC, { recursive: true, encoding: 'utf8' }).filter(
    (f) => /\.tsx?$/.test(f) && !/\.test\.|\.en\.ts$/.test(f),
  )
  expect(files.length).toBeGreaterThan(250)
  expect(files.flatMap((f) => wordsIn(f, readFileSync(join(SRC, f), 'utf8')))).toEqual([])
})
