import { chosenEdges } from '../casefile/index.ts'
import { askedChecks } from '../match/index.ts'
import { type CheckId } from '../checks/index.ts'
import { edgesOf } from '../readings/index.ts'
import { stepPairs, type MakerStep, type Proof, type UsualStepId } from '../restraint/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { inOrder } from './order.ts'
import { spoken, type StepText } from './usual-step.ts'
import { STEPS_EN } from './usual-steps.en.ts'
import { USUAL_STEPS } from './usual-steps.ts'

/** How a proof reaches a person. */
export type Sense = 'seen' | 'heard' | 'felt'

interface StepProof {
  readonly sense: Sense
  readonly what: string
}

/** The other half of a pair, which must not be forgotten. */
interface StepPairing {
  readonly half: 'first' | 'second'
  readonly otherId: string
  readonly otherText: string
}

/** One node of the procedure: what to do, what proves it, what it waits for, what doing it over un-passes. */
export interface Step {
  readonly id: string
  readonly stage: 'attach' | 'child-in'
  readonly title: string
  /** What to do, in order. */
  readonly does: readonly string[]
  /** What must be seen, heard, felt or measured, and recorded; only what some rule asks for here. */
  readonly checks: readonly CheckId[]
  /** What the maker says shows that it is done. */
  readonly proofs: readonly StepProof[]
  /** Steps of this fitting that come before it. */
  readonly needs: readonly string[]
  /** Checks of other steps that have to be made again when this one is done over. */
  readonly undoes: readonly CheckId[]
  readonly pair?: StepPairing
  /** True when the maker's own words stand instead of the usual ones. */
  readonly byMaker: boolean
}

/** Checks that the rules ask for in this fitting. */
export const checksAsked = (subject: FittedSubject): ReadonlySet<CheckId> => askedChecks(subject)

const SENSE_OF: Record<Proof['kind'], Sense> = {
  window: 'seen',
  'line-in-sight': 'seen',
  gauge: 'seen',
  'gate-shut': 'seen',
  click: 'heard',
  'loud-last-click': 'heard',
  'clicks-cease': 'heard',
  'button-springs-back': 'felt',
}
const toProof = ({ kind, what, side }: Proof): StepProof => ({
  sense: SENSE_OF[kind],
  what: side === undefined || side === 'centre' || what.includes(side) ? what : `${what} (${side})`,
})

/** What the maker says proves a usual step. */
function proofsOf(id: UsualStepId, { mode, route }: FittedSubject): readonly Proof[] {
  switch (id) {
    case 'connect':
      return route.isofix?.proofs ?? []
    case 'leg':
      return route.leg?.proofs ?? []
    case 'lower-tethers':
      return route.lowerTethers?.proofs ?? []
    case 'turn-and-lock':
      return mode.turns?.locks ?? []
    default:
      return []
  }
}

const stageOf = (step: MakerStep): Step['stage'] => (step.onlyBefore === 'child-in' ? 'child-in' : 'attach')
/** Before these a step belongs that can only be done on the bench or before anything is fastened. */
const FASTENING: readonly UsualStepId[] = ['connect', 'thread-belt', 'set-on-seat', 'lie-across']

/** What the usual steps say in one language. */
export type StepTexts = Readonly<Record<UsualStepId, StepText>>

/** Usual steps that this fitting has, with the maker's words where they replace the usual ones. */
function usualSteps(subject: FittedSubject, makers: readonly MakerStep[], texts: StepTexts): readonly Step[] {
  const asked = checksAsked(subject)
  const own = chosenEdges(subject)
  return USUAL_STEPS.filter((usual) => usual.isIn(subject))
    .map((usual) => {
      const { id, stage, needs } = usual
      const text = texts[id]
      const instead = makers.filter((m) => m.replaces === id)
      const checks = usual.checks.filter((check) => asked.has(check))
      const undone = new Set((usual.changes ?? []).flatMap((change) => edgesOf(change, own)))
      const titled = usual.title?.(subject)
      return {
        id,
        stage,
        title: titled ? spoken(text, titled) : text.title,
        does:
          instead.length > 0
            ? instead.map((m) => m.text)
            : usual.does(subject).flatMap((said) => (said ? [spoken(text, said)] : [])),
        checks,
        proofs: [...proofsOf(id, subject), ...instead.flatMap((m) => (m.proof ? [m.proof] : []))].map(toProof),
        needs,
        undoes: [...asked].filter((check) => undone.has(check) && !checks.includes(check)),
        byMaker: instead.length > 0,
      }
    })
    .filter((step) => step.does.length > 0 || step.checks.length > 0)
}

/**
 * The steps of one fitting as an ordered graph: makers' own words where the
 * catalogue has them, the usual ones otherwise. Every check that a rule asks
 * for stands in exactly one step; nothing stands before a step that it needs.
 */
export function stepsFor(subject: FittedSubject, texts: StepTexts = STEPS_EN): readonly Step[] {
  const makers = subject.route.steps ?? []
  const usual = usualSteps(subject, makers, texts)
  const extra = makers.filter((m) => m.replaces === undefined)
  const has = new Set([...usual.map((s) => s.id), ...extra.map((m) => m.id)])
  const ofStage = (stage: Step['stage']): string[] => usual.filter((s) => s.stage === stage).map((s) => s.id)

  const makersSteps = extra.map((m): Step => {
    const after = (m.after ?? []).filter((id) => has.has(id))
    const isEarly = m.onlyBefore === 'placing' || m.onlyBefore === 'attaching'
    // Without a word of the maker's, a step belongs to the end of its stage; an early one follows the preparations.
    const needs =
      after.length > 0 ? after : isEarly ? ['prepare'] : m.onlyBefore === 'child-in' ? [] : ofStage('attach')
    return {
      id: m.id,
      stage: stageOf(m),
      title: 'Maker’s step',
      does: [m.text],
      checks: [],
      proofs: m.proof ? [toProof(m.proof)] : [],
      needs: needs.filter((id) => has.has(id)),
      undoes: [],
      byMaker: true,
    }
  })
  /** Early steps hold up what fastens the restraint; what belongs before the child holds up its sitting down. */
  const heldUp = new Map<string, string[]>()
  for (const m of extra) {
    const late: readonly string[] = m.onlyBefore === 'child-in' ? ['sit'] : m.onlyBefore === undefined ? [] : FASTENING
    for (const id of late) heldUp.set(id, [...(heldUp.get(id) ?? []), m.id])
  }
  const listed: Step[] = [...usual]
  for (const step of makersSteps) {
    // Right after the last step that it waits for.
    const at = listed.findLastIndex((s) => step.needs.includes(s.id))
    listed.splice(at < 0 ? ofStage('attach').length : at + 1, 0, step)
  }
  const nodes = listed.map((step) => ({
    ...step,
    needs: [...step.needs.filter((id) => has.has(id)), ...(heldUp.get(step.id) ?? [])],
  }))
  return inOrder(nodes).map((step) => withPair(step, makers))
}

function withPair(step: Step, makers: readonly MakerStep[]): Step {
  const pair = stepPairs(makers).find((p) => p.first.id === step.id || p.second.id === step.id)
  if (!pair) return step
  const isFirst = pair.first.id === step.id
  const other = isFirst ? pair.second : pair.first
  return { ...step, pair: { half: isFirst ? 'first' : 'second', otherId: other.id, otherText: other.text } }
}
