import type { MakerStep } from './parts.ts'

/** Two steps of which the second undoes what the first needed: insert out … insert back. */
export interface StepPair {
  readonly first: MakerStep
  readonly second: MakerStep
}

/** The pairs among a maker's steps; either half may name the other, and the one listed first is done first. */
export function stepPairs(steps: readonly MakerStep[]): readonly StepPair[] {
  const pairs: StepPair[] = []
  steps.forEach((step, i) => {
    const other = steps.findIndex((x) => x.id === step.pairWith)
    if (other < 0 || other === i) return
    const [first, second] = other > i ? [step, steps[other]] : [steps[other], step]
    if (!first || !second || pairs.some((p) => p.first.id === first.id && p.second.id === second.id)) return
    pairs.push({ first, second })
  })
  return pairs
}
