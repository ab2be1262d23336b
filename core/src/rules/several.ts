import { missingIn, type Outcome } from './rule.ts'
import { sayer } from './say.ts'
import type shared from './shared.en.ts'

const say = sayer<typeof shared>()

/** Worst first: one failure decides, then the first doubt; a pass says what all of them said. */
export function allOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided')
  if (worst?.kind === 'undecided') return { ...worst, missing: [...new Set(outcomes.flatMap(missingIn))] }
  if (worst) return worst
  const first = outcomes[0]
  if (!first) throw new Error('A rule that asks for no check cannot pass')
  if (outcomes.length === 1) return first
  return { ...first, says: say('all', { said: outcomes.map((o) => o.says) }) }
}

/** The worst of several outcomes, as it stands: a failure, then a doubt, then a pass. */
export function worstOf(outcomes: readonly Outcome[]): Outcome {
  const worst = outcomes.find((o) => o.kind === 'fail') ?? outcomes.find((o) => o.kind === 'undecided') ?? outcomes[0]
  if (!worst) throw new Error('Nothing was asked')
  return worst
}
