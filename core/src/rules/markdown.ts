import { formatNumber } from '../quantities/index.ts'
import { RULES } from './book.ts'
import { SOURCE_WORD } from './source.en.ts'
import { standsOnOf, titleOf } from './speak.ts'
import { RULE_STAGES, type RuleStage, type Severity } from './rule.ts'

const STAGE_TITLE: Record<RuleStage, string> = {
  choose: 'Choose: may this child use this mode',
  place: 'Place: may it go here',
  'set-up': 'Set up: before it goes in',
  attach: 'Attach: is it installed',
  'child-in': 'Child in: is the child held',
}
const SEVERITY_TITLE: Record<Severity, string> = {
  stop: 'stop: this combination may not be used',
  fix: 'fix: put right before travel',
  advise: 'advise: allowed, but advised against',
}

/** The rule book as a page, from the same declarations that decide. */
export function ruleBookMarkdown(): string {
  const sections = RULE_STAGES.map((stage) => {
    const rules = RULES.filter((r) => r.stage === stage).map((r) => {
      const limits = Object.entries(r.limits ?? {}).map(
        ([name, { value, unit }]) => `${name} ${formatNumber(value)} ${unit}`,
      )
      return [
        `### ${r.id}`,
        '',
        `**${titleOf(r)}.** ${standsOnOf(r)}`,
        '',
        `- Source: ${SOURCE_WORD[r.source]}`,
        `- Severity: ${SEVERITY_TITLE[r.severity]}`,
        ...(limits.length > 0 ? [`- Limits: ${limits.join('; ')}`] : []),
      ].join('\n')
    })
    return [`## ${STAGE_TITLE[stage]}`, ...rules].join('\n\n')
  })
  return [
    '# Rule book',
    `Generated from the rules in \`core/src/rules\` by \`npm run docs\`; ${RULES.length} rules. Every rule returns pass, fail or undecided; undecided is never a pass. A rule may speak for another source or with another severity where the case asks for it (a handbook’s own figure, a school of practice); the finding always says which.`,
    ...sections,
    '',
  ].join('\n\n')
}
