import { plural } from '../quantities/index.ts'
import type { BudgetFact, QuestionBudget } from './budget.ts'
import { describeNeed } from './needs.ts'

const FACT: Record<BudgetFact, string> = { retractor: 'which retractor the belt has' }
const lowerFirst = (text: string): string =>
  /^[A-Z][a-z’]/.test(text) ? text.replace(/^./, (x) => x.toLowerCase()) : text

/** "At least 18 looks, 3 measures and 2 settings." */
export function budgetText({ looks, measures, settings, facts, saves }: QuestionBudget): string {
  const parts = [
    plural(looks, 'look'),
    plural(measures, 'measure'),
    plural(settings, 'setting'),
    ...(facts.length > 0 ? [plural(facts.length, 'fact')] : []),
  ]
  const known = facts.map((need) => lowerFirst(describeNeed(need).label))
  return [
    `This will ask at least ${parts.slice(0, -1).join(', ')} and ${parts.at(-1) ?? ''}.`,
    ...(known.length > 0 ? [`Known beforehand, each is a question less: ${known.join(', ')}.`] : []),
    ...saves.map((s) => `Known beforehand, ${FACT[s.fact]} saves ${plural(s.questions, 'look')}.`),
  ].join(' ')
}
