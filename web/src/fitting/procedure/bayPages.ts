import type { CheckId } from '@nimble-anchor/core/checks'
import type { Step } from '@nimble-anchor/core/procedure'

/** One view of the bay: a step without checks, or one check of a step; left and right belong together. */
export interface BayPage {
  readonly step: Step
  readonly checks: readonly CheckId[]
  readonly isFirst: boolean
  readonly isLast: boolean
}

const stemOf = (id: CheckId): string => id.replace(/-(left|right)$/, '')

/** The views of these steps, in the order of the hands. */
export function bayPages(steps: readonly Step[]): readonly BayPage[] {
  return steps.flatMap((step): readonly BayPage[] => {
    const groups = new Map<string, CheckId[]>()
    for (const id of step.checks) groups.set(stemOf(id), [...(groups.get(stemOf(id)) ?? []), id])
    const pages = groups.size === 0 ? [[]] : [...groups.values()]
    return pages.map((checks, i) => ({ step, checks, isFirst: i === 0, isLast: i === pages.length - 1 }))
  })
}
