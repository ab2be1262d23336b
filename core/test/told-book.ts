import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import type { Case } from '../src/index.ts'
import { told } from './told.ts'

export type Telling = readonly [rule: string, when: string, c: Case]

/**
 * All that rules say of many fittings, held as a text that is read in review: a rule, then when it says something, then
 * what. `npm run examples` writes it anew.
 */
export function holdTold(file: string, tellings: readonly Telling[]): void {
  const said = (of: string): string =>
    tellings.flatMap(([rule, when, c]) => (rule === of ? [`${when}\n  ${told(rule, c)}\n`] : [])).join('')
  const rules = [...new Set(tellings.map(([rule]) => rule))]
  if (process.env.EXAMPLES === 'find') writeFileSync(file, rules.map((rule) => `## ${rule}\n${said(rule)}`).join('\n'))
  const parts = (existsSync(file) ? readFileSync(file, 'utf8') : '').split(/^## /m).slice(1)
  const known = new Map(parts.map((part) => [part.split('\n')[0] ?? '', part.replace(/^.*\n/, '').trimEnd()]))
  test.each(rules)('what %s says, whole', (rule) => {
    expect(said(rule).trimEnd()).toBe(known.get(rule))
  })
  test('and of no other rule', () => expect([...known.keys()]).toEqual(rules))
}
