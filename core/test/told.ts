import { remedyOf, reasonOf, severityOf, type Case, type Interval } from '../src/index.ts'
import { judged, ruleById } from './build.ts'

const span = ({ lo, hi }: Interval): string => (lo === hi ? String(lo) : `${lo} to ${hi}`)

/**
 * Everything that one rule says of a case, in one line: kind, severity and who decides; what was measured, the limit and
 * the room to it; what it asks for; why, and what to do.
 *
 * @example 'fail, fix by maker | 12 mm, limit 10, room -2 | 12 mm is above the maximum (10 mm). → Do it again.'
 */
export function told(ruleId: string, c: Case): string {
  const outcome = judged(ruleId, c)
  if (outcome.kind === 'not-applicable') return outcome.kind
  const rule = ruleById(ruleId)
  const { measured, limit, margin, unit = '', source = rule.source } = outcome
  const figures = [
    ...(measured === undefined ? [] : [`${span(measured)} ${unit}`.trim()]),
    ...(limit === undefined ? [] : [`limit ${limit}`]),
    ...(margin === undefined ? [] : [`room ${Math.round(margin * 1000) / 1000}`]),
  ]
  const said = { ...outcome, says: { ...outcome.says, rule: ruleId } }
  const remedy = remedyOf(said)
  return [
    `${outcome.kind}, ${severityOf({ rule, outcome })} by ${source}`,
    ...(figures.length > 0 ? [figures.join(', ')] : []),
    ...(outcome.kind === 'undecided' ? [`asks ${outcome.missing.join(', ')}`] : []),
    `${reasonOf(said)}${remedy === undefined ? '' : ` → ${remedy}`}`,
  ].join(' | ')
}
