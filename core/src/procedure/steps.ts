import { rulesOf } from '../match/index.ts'
import { CHECKS, type CheckId } from '../readings/index.ts'
import type { MakerStep } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { attachDrafts, childDrafts } from './usual-steps.ts'

export interface Step {
  readonly id: string
  readonly stage: 'attach' | 'child-in'
  readonly title: string
  /** What to do, in order. */
  readonly does: readonly string[]
  /** What must be seen, heard, felt or measured; only what some rule asks for here. */
  readonly checks: readonly CheckId[]
  /** True when the maker's own words stand instead of the usual ones. */
  readonly byMaker: boolean
}

/** Which checks each rule that applies reads in this fitting. */
export function checksByRule(subject: FittedSubject): ReadonlyMap<string, readonly CheckId[]> {
  const byRule = new Map<string, readonly CheckId[]>()
  for (const rule of rulesOf('fitted')) {
    if (rule.checks === undefined || !rule.applies(subject)) continue
    byRule.set(rule.id, typeof rule.checks === 'function' ? rule.checks(subject) : rule.checks)
  }
  return byRule
}

/** Checks that the rules ask for in this fitting. */
export const checksAsked = (subject: FittedSubject): ReadonlySet<CheckId> =>
  new Set([...checksByRule(subject).values()].flat())

const own = (step: MakerStep): Step => ({
  id: step.id,
  stage: step.onlyBefore === undefined || step.onlyBefore !== 'child-in' ? 'attach' : 'child-in',
  title: 'Maker’s step',
  does: [step.text],
  checks: [],
  byMaker: true,
})

/**
 * The steps of one fitting, in order: makers' own words where the catalogue
 * has them, the usual ones otherwise. Every check that a rule asks for stands
 * in exactly one step.
 */
export function stepsFor(subject: FittedSubject): readonly Step[] {
  const asked = checksAsked(subject)
  const makers = subject.route.steps ?? []
  const steps = [...attachDrafts(subject), ...childDrafts(subject)]
    .filter((d) => d.when)
    .map((d): Step => {
      const instead = makers.filter((m) => m.replaces === d.id)
      return {
        id: d.id,
        stage: d.stage,
        title: d.title,
        does:
          instead.length > 0 ? instead.map((m) => m.text) : d.does.filter((x): x is string => typeof x === 'string'),
        checks: d.checks.filter((id) => asked.has(id)),
        byMaker: instead.length > 0,
      }
    })
    .filter((step) => step.does.length > 0 || step.checks.length > 0)
  for (const extra of makers.filter((m) => m.replaces === undefined)) {
    const after = steps.findLastIndex((step) => extra.after?.includes(step.id))
    steps.splice(after < 0 ? steps.filter((x) => x.stage === 'attach').length : after + 1, 0, own(extra))
  }
  return steps
}

/** Checks measured on request only: a rule can be settled without them. */
export const OPTIONAL_CHECKS: ReadonlySet<CheckId> = new Set<CheckId>(['shell-angle-deg'])

export const checkLabel = (id: CheckId): string => CHECKS[id].label
