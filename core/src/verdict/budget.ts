import { chosenIn, type Case } from '../casefile/index.ts'
import { CHECKS, type CheckId } from '../checks/index.ts'
import { askedChecks, evaluateFitted, fittedSubject } from '../match/index.ts'
import { RETRACTORS } from '../restraint/index.ts'
import { missingIn, severityOf, type Need } from '../rules/index.ts'
import type { SeatingPosition } from '../vehicle/index.ts'

/** What a fitting will ask at least, before it is begun; an answer may call up more. */
export interface QuestionBudget {
  /** Answered by looking, pulling or listening, and by reading a figure off. */
  readonly looks: number
  readonly measures: number
  readonly settings: number
  /** Facts of child, restraint and place that nobody has stated: each is asked once. */
  readonly facts: readonly Need[]
  /** What knowing a fact beforehand would save beside its own question, whatever it turns out to be. */
  readonly saves: readonly { readonly fact: BudgetFact; readonly questions: number }[]
}
export type BudgetFact = 'retractor'

/** Facts that take the place of a look, with everything that they may turn out to be. */
const TAKE_THE_PLACE: Readonly<Record<BudgetFact, (p: SeatingPosition) => readonly SeatingPosition[]>> = {
  retractor: (p) =>
    p.belt === undefined || p.belt.kind === 'none' || p.belt.retractor !== undefined
      ? []
      : RETRACTORS.map((retractor) => ({ ...p, belt: { ...p.belt!, retractor } })),
}

/** The fitting before anybody has looked at anything. */
const untouched = (c: Case): Case => ({ ...c, settings: {}, readings: {}, disturbances: {}, stepsDone: undefined })

function count(c: Case): Omit<QuestionBudget, 'saves'> | undefined {
  const subject = fittedSubject(c)
  if (subject === undefined) return undefined
  const findings = evaluateFitted(subject).filter((f) => severityOf(f) !== 'advise')
  const needs = new Set(findings.flatMap((f) => missingIn(f.outcome)))
  const checks = new Set<CheckId>([...askedChecks(subject)].filter((id) => !CHECKS[id].isOptional))
  for (const need of needs) if (need.startsWith('check.')) checks.add(need.slice('check.'.length) as CheckId)
  const isMeasure = (id: CheckId): boolean => CHECKS[id].kind === 'number'
  const others = [...needs].filter((n) => !n.startsWith('check.') && !n.startsWith('step.'))
  return {
    looks: [...checks].filter((id) => !isMeasure(id)).length,
    measures: [...checks].filter(isMeasure).length,
    settings: others.filter((n) => n.startsWith('setting.')).length,
    facts: others.filter((n) => !n.startsWith('setting.')),
  }
}
const totalOf = (b: Omit<QuestionBudget, 'saves'> | undefined): number =>
  b === undefined ? 0 : b.looks + b.measures + b.settings + b.facts.length

/** How much one restraint at one place will ask; `undefined` while mode, route or place is open. */
export function questionBudget(c: Case): QuestionBudget | undefined {
  const bare = untouched(c)
  const own = count(bare)
  const { position } = chosenIn(bare)
  if (own === undefined || position === undefined || bare.vehicle === undefined) return undefined
  const { vehicle } = bare
  const withPosition = (p: SeatingPosition): Case => ({
    ...bare,
    vehicle: { ...vehicle, positions: vehicle.positions.map((x) => (x.id === p.id ? p : x)) },
  })
  const saves = (Object.keys(TAKE_THE_PLACE) as BudgetFact[]).flatMap((fact) => {
    const after = TAKE_THE_PLACE[fact](position).map((p) => totalOf(count(withPosition(p))))
    const questions = after.length === 0 ? 0 : totalOf(own) - Math.max(...after)
    return questions > 0 ? [{ fact, questions }] : []
  })
  return { ...own, saves }
}
