import { checkOf, type CheckId } from '@nimble-anchor/core/checks'
import type { Step } from '@nimble-anchor/core/procedure'

/** Of a check that notes the state before too, that alone, or all but that. */
export type CheckPart = 'before' | 'after'

/** One view of the bay: a step without checks, or one check of a step; left and right belong together. */
export interface BayPage {
  readonly step: Step
  readonly checks: readonly CheckId[]
  readonly part: CheckPart | undefined
  readonly isFirst: boolean
  readonly isLast: boolean
}

const stemOf = (id: CheckId): string => id.replace(/-(left|right)$/, '')
const notesBefore = (id: CheckId): boolean => {
  const check = checkOf(id)
  return check.kind === 'options' && check.notesBefore === true
}

/**
 * The views of these steps, in the order of the hands. What an indicator shows
 * before anything is pushed is a view of its own, at the head of its step.
 */
export function bayPages(steps: readonly Step[]): readonly BayPage[] {
  return steps.flatMap((step): readonly BayPage[] => {
    const groups = new Map<string, CheckId[]>()
    for (const id of step.checks) groups.set(stemOf(id), [...(groups.get(stemOf(id)) ?? []), id])
    const views = [...groups.values()].flatMap((checks): readonly Pick<BayPage, 'checks' | 'part'>[] =>
      checks.some(notesBefore)
        ? [
            { checks, part: 'before' },
            { checks, part: 'after' },
          ]
        : [{ checks, part: undefined }],
    )
    const pages = views.length === 0 ? [{ checks: [], part: undefined }] : views
    return pages.map((view, i) => ({ step, ...view, isFirst: i === 0, isLast: i === pages.length - 1 }))
  })
}
