import { formatNumber } from '../quantities/index.ts'
import { RULES } from './book.ts'
import { SOURCE_WORD } from './source.en.ts'
import { standsOnOf, titleOf } from './speak.ts'
import { RULE_STAGES, type AnyRule, type RuleStage, type Severity } from './rule.ts'

export const STAGE_TITLE: Record<RuleStage, string> = {
  choose: 'Choose: may this child use this mode',
  place: 'Place: may it go here',
  'set-up': 'Set up: before it goes in',
  attach: 'Attach: is it installed',
  'child-in': 'Child in: is the child held',
}
export const SEVERITY_TITLE: Record<Severity, string> = {
  stop: 'stop: this combination may not be used',
  fix: 'fix: put right before travel',
  advise: 'advise: allowed, but advised against',
}

/** An example of a rule as it stands in docs/rule-examples.json; a test runs each. */
export interface ExampleSaid {
  readonly of: string
  readonly from: string
  readonly given?: readonly { readonly path: string; readonly value: unknown }[]
  readonly change: readonly { readonly path: string; readonly value: unknown }[]
  readonly to: string
  readonly passes: string
  readonly fails: string
}

/** "vehicle.positions.0.belt.kind" is of the place, "restraints.0.modes.0.routes.0.leg" of the route. */
const shortPath = (path: string): string =>
  path
    .replace(/^vehicle\.positions\.\d+\./, 'place.')
    .replace(/^restraints\.\d+\.modes\.0\.routes\.\d+\./, 'route.')
    .replace(/^restraints\.\d+\.modes\.0\./, 'mode.')
    .replace(/^restraints\.\d+\.modes\.(\d+)\./, 'mode $1.')
    .replace(/^restraints\.\d+\./, 'model.')
    .replace(/^units\.\d+\./, 'unit.')

const MOST_SHOWN = 90
function changeText(change: ExampleSaid['change']): string {
  return change
    .map(({ path, value }) => {
      const text = JSON.stringify(value)
      const shown = text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text
      return value === null ? `without \`${shortPath(path)}\`` : `\`${shortPath(path)}\` is \`${shown}\``
    })
    .join(', ')
}

export function exampleLines({ of, from, given = [], change, to, passes, fails }: ExampleSaid): readonly string[] {
  const where = given.length > 0 ? `“${of}”, where ${changeText(given)}` : `“${of}”`
  return [
    from === 'pass' ? `- Passes: ${where}. *${passes}*` : `- Silent: ${where}.`,
    `- ${to === 'fail' ? 'Fails' : 'Open'}: ${change.length > 0 ? `where ${changeText(change)}` : 'as it is'}. *${fails}*`,
  ]
}

export const limitsOf = ({ limits = {} }: AnyRule): readonly string[] =>
  Object.entries(limits).map(([name, { value, unit }]) => `${name} ${formatNumber(value)} ${unit}`)

/** The rule book as a page, from the same declarations that decide, with an example of each that the tests run. */
export function ruleBookMarkdown(examples: Readonly<Record<string, ExampleSaid>> = {}): string {
  const sections = RULE_STAGES.map((stage) => {
    const rules = RULES.filter((r) => r.stage === stage).map((r) => {
      const limits = limitsOf(r)
      return [
        `### [${r.id}](rules/${r.id}.md)`,
        '',
        `**${titleOf(r)}.** ${standsOnOf(r)}`,
        '',
        `- Source: ${SOURCE_WORD[r.source]}`,
        `- Severity: ${SEVERITY_TITLE[r.severity]}`,
        ...(limits.length > 0 ? [`- Limits: ${limits.join('; ')}`] : []),
        ...(examples[r.id] ? exampleLines(examples[r.id] as ExampleSaid) : []),
      ].join('\n')
    })
    return [`## ${STAGE_TITLE[stage]}`, ...rules].join('\n\n')
  })
  return [
    '# Rule book',
    `Generated from the rules in \`core/src/rules\` by \`npm run docs\`; ${RULES.length} rules. Every rule returns pass, fail or undecided; undecided is never a pass. A rule may speak for another source or with another severity where the case asks for it (a handbook’s own figure, a school of practice); the finding always says which. The examples are fittings of the tests, and \`npm test\` runs each: it passes as it stands, and does not once the one thing is changed.`,
    ...sections,
    '',
  ].join('\n\n')
}
