import { decider } from '../rules/index.ts'
import type { Assessment } from './assess.ts'

/** "Decided by the maker’s manual."; of "ready" what stands nearest to its limit. Nothing while it is open. */
export function decidedText({
  verdict,
  decidedBy,
  findings,
}: Pick<Assessment, 'verdict' | 'decidedBy' | 'findings'>): string | undefined {
  if (decidedBy === null || verdict === 'undecided') return undefined
  if (verdict !== 'ready') return `Decided by ${decider(decidedBy.source)}.`
  const title = findings.find((f) => f.ruleId === decidedBy.ruleId)?.title ?? ''
  return `Nearest to its limit: “${title}”, by ${decider(decidedBy.source)}.`
}
