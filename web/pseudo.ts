import ts from 'typescript'
import type { Plugin } from 'vite'

/** Letters of the pseudo-language: each reads as what it stands for, and none of them is typed by hand anywhere. */
const LETTERS: Readonly<Record<string, string>> = {
  a: 'á', e: 'é', i: 'í', o: 'ó', u: 'ú', y: 'ý', n: 'ñ', c: 'ç',
  A: 'Á', E: 'É', I: 'Í', O: 'Ó', U: 'Ú', Y: 'Ý', N: 'Ñ', C: 'Ç',
} // prettier-ignore
export const pseudo = (text: string): string => text.replace(/[aeiounycAEIOUNYC]/g, (ch) => LETTERS[ch] ?? ch)

/** An id or a day of a made-up sample, which stands beside the words of it. */
const KINDS = new Set(['FittingId', 'IsoDate', 'ModelId', 'UnitId', 'VehicleId'])

/** Whether a literal is a name that the program compares or looks up, and no text that somebody reads. */
function isName(node: ts.Node): boolean {
  const { parent } = node
  return (
    ts.isImportDeclaration(parent) ||
    ts.isExportDeclaration(parent) ||
    ts.isLiteralTypeNode(parent) ||
    ts.isCaseClause(parent) ||
    ts.isElementAccessExpression(parent) ||
    (ts.isPropertyAssignment(parent) && parent.name === node) ||
    (ts.isBinaryExpression(parent) && /^[!=]==?$/.test(parent.operatorToken.getText())) ||
    (ts.isCallExpression(parent) && ts.isPropertyAccessExpression(parent.expression)) ||
    (ts.isCallExpression(parent) && KINDS.has(parent.expression.getText()))
  )
}

/** What a message file says, in the pseudo-language: its texts alone, not the names that it compares. */
export function pseudoMessages(code: string): string {
  const file = ts.createSourceFile('messages.ts', code, ts.ScriptTarget.Latest, true)
  const edits: { readonly start: number; readonly end: number; readonly text: string }[] = []
  const visit = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (!isName(node)) edits.push({ start: node.getStart() + 1, end: node.end - 1, text: pseudo(code.slice(node.getStart() + 1, node.end - 1)) }) // prettier-ignore
      return
    }
    if (ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)) {
      const close = ts.isTemplateTail(node) ? 1 : 2
      edits.push({ start: node.getStart() + 1, end: node.end - close, text: pseudo(code.slice(node.getStart() + 1, node.end - close)) }) // prettier-ignore
      return
    }
    ts.forEachChild(node, visit)
  }
  visit(file)
  return edits.toReversed().reduce((text, e) => text.slice(0, e.start) + e.text + text.slice(e.end), code)
}

/**
 * Builds the interface in the pseudo-language (`vite build --mode pseudo`): every
 * message file of web and core speaks it, and whatever on a screen still speaks
 * English stands outside of them.
 */
export const speakPseudo = (): Plugin => ({
  name: 'speak-pseudo',
  enforce: 'pre',
  transform: (code, id) => (/\.en\.ts$/.test(id.split('?')[0] ?? '') ? pseudoMessages(code) : undefined),
})
