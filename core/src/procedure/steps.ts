import { chosenEdges } from '../casefile/index.ts'
import { askedChecks } from '../match/index.ts'
import { type CheckId } from '../checks/index.ts'
import { spoken } from '../ground/index.ts'
import { edgesOf } from '../readings/index.ts'
import type { MakerStep, Proof, UsualStepId } from '../restraint/index.ts'
import { makerStepsIn, notedAs, pairsIn, type FittedSubject } from '../rules/index.ts'
import { inOrder, withoutCircles, type Edge } from './order.ts'
import type { StepText } from './usual-step.ts'
import { MAKERS_STEP, STEPS_EN } from './usual-steps.en.ts'
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
  /** Lines of `does` that are each ticked off by themselves, for one of its checks: the guides of a belt, one by one. */
  readonly ticks?: { readonly check: CheckId; readonly lines: readonly string[] }
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

/** Before these a step belongs that can only be done on the bench or before anything is fastened. */
const FASTENING: readonly UsualStepId[] = ['connect', 'thread-belt', 'set-on-seat', 'lie-across']

/** What a step is called in a list: a maker's own step has no title but its words. */
export const stepName = ({ title, does }: Step): string => (title === MAKERS_STEP ? (does[0] ?? title) : title)

/** What the usual steps say in one language. */
export type StepTexts = Readonly<Record<UsualStepId, StepText>>

/** Usual steps that this fitting may have, each with what it says here, and the maker's that stand instead of it. */
const usualIn = (subject: FittedSubject, makers: readonly MakerStep[]) =>
  USUAL_STEPS.filter((usual) => usual.isIn(subject)).map((usual) => {
    const { keeps = [] } = usual
    const instead = makers.filter((m) => m.replaces === usual.id)
    const lines = usual
      .does(subject)
      .flatMap((line) => (line && (instead.length === 0 || keeps.includes(line.message)) ? [line] : []))
    return { usual, instead, lines }
  })
/** A step that says nothing and asks for nothing is none. */
const isStep = (
  { usual, instead, lines }: ReturnType<typeof usualIn>[number],
  isAsked: (check: CheckId) => boolean,
): boolean => instead.length + lines.length > 0 || usual.checks.some(isAsked)

/** The same as steps, with the maker's words where they replace the usual ones. */
function usualSteps(subject: FittedSubject, makers: readonly MakerStep[], texts: StepTexts): readonly Step[] {
  const asked = checksAsked(subject)
  const own = chosenEdges(subject)
  const isAsked = (check: CheckId): boolean => asked.has(check)
  const usual = usualIn(subject, makers).filter((u) => isStep(u, isAsked))
  return usual.map(({ usual, instead, lines }) => {
    const { id, stage } = usual
    const checks = usual.checks.filter(isAsked)
    const text = texts[id]
    const undone = new Set((usual.changes ?? []).flatMap((change) => edgesOf(change, own)))
    const titled = usual.title?.(subject)
    const said = lines.map((line) => spoken(text.says, line))
    const ticked = usual.ticks
    const ticks = ticked && checks.includes(ticked.check) && lines.filter((l) => l.message === ticked.message)
    return {
      id,
      stage,
      title: titled ? spoken(text.says, titled) : text.title,
      does: [...instead.map((m) => m.text), ...said],
      checks,
      ...(ticked &&
        ticks &&
        ticks.length > 0 && { ticks: { check: ticked.check, lines: ticks.map((l) => spoken(text.says, l)) } }),
      proofs: [...proofsOf(id, subject), ...instead.flatMap((m) => (m.proof ? [m.proof] : []))].map(toProof),
      needs: [],
      undoes: [...asked].filter((check) => undone.has(check) && !checks.includes(check)),
      byMaker: instead.length > 0,
    }
  })
}

/** The maker's further steps that belong after the child is in: said so, or after one that is. */
function childInSteps(extra: readonly MakerStep[]): ReadonlySet<string> {
  const late = new Set<string>(USUAL_STEPS.filter((u) => u.stage === 'child-in').map((u) => u.id))
  for (let grown = true; grown;) {
    const more = extra.filter(
      (m) => !late.has(m.id) && (m.onlyBefore === 'child-in' || m.after?.some((id) => late.has(id))),
    )
    for (const m of more) late.add(m.id)
    grown = more.length > 0
  }
  return late
}

const isEarly = ({ onlyBefore }: MakerStep): boolean => onlyBefore === 'placing' || onlyBefore === 'attaching'

/** What waits for what in this fitting, the weightiest first: the maker's order, what this fitting asks, the usual. */
function edgesIn(
  subject: FittedSubject,
  makers: readonly MakerStep[],
  usual: readonly Step[],
  late: ReadonlySet<string>,
): readonly Edge[] {
  const ordered = subject.route.stepOrder ?? []
  const has = (id: string): boolean => usual.some((s) => s.id === id) || makers.some((m) => notedAs(m) === id)
  const attaching = usual.filter((s) => s.stage === 'attach').map((s) => s.id)
  const own = makers.flatMap((m): Edge[] => (m.after ?? []).map((needs) => ({ id: notedAs(m), needs })))
  const byOrder = ordered.slice(1).map((id, i): Edge => ({ id, needs: ordered[i] as string }))
  // Early steps hold up what fastens the restraint; what belongs before the child holds up its sitting down.
  const heldUp = makers.flatMap((m): Edge[] => {
    const ids = m.onlyBefore === 'child-in' ? ['sit'] : m.onlyBefore === undefined ? [] : FASTENING
    return ids.map((id) => ({ id, needs: notedAs(m) }))
  })
  // Without a word of the maker's, a step belongs to the end of its stage; an early one follows the preparations.
  const placed = makers
    .filter((m) => !m.after?.some(has))
    .flatMap((m): Edge[] => {
      const needs = isEarly(m) ? ['prepare'] : late.has(m.id) ? [] : attaching
      return needs.map((id) => ({ id: m.id, needs: id }))
    })
  const here = USUAL_STEPS.flatMap((u) => (u.needsHere?.(subject) ?? []).map((needs): Edge => ({ id: u.id, needs })))
  const always = USUAL_STEPS.flatMap((u) => u.needs.map((needs): Edge => ({ id: u.id, needs })))
  return withoutCircles(
    [...own, ...byOrder, ...heldUp, ...placed, ...here, ...always].filter(({ needs }) => has(needs)),
  )
}

/**
 * The steps of one fitting as an ordered graph: makers' own words where the
 * catalogue has them, the usual ones otherwise. Every check that a rule asks
 * for stands in exactly one step; nothing stands before a step that it needs,
 * and the maker's order wins over the usual one.
 */
export function stepsFor(subject: FittedSubject, texts: StepTexts = STEPS_EN): readonly Step[] {
  const makers = makerStepsIn(subject)
  const usual = usualSteps(subject, makers, texts)
  const extra = makers.filter((m) => m.replaces === undefined)
  const late = childInSteps(extra)
  const edges = edgesIn(subject, makers, usual, late)
  const needsOf = (id: string): readonly string[] => edges.filter((e) => e.id === id).map((e) => e.needs)

  const own = extra.map((m): Step => ({
    id: m.id,
    stage: late.has(m.id) ? 'child-in' : 'attach',
    title: MAKERS_STEP,
    does: [m.text],
    checks: [],
    proofs: m.proof ? [toProof(m.proof)] : [],
    needs: [],
    undoes: [],
    byMaker: true,
  }))
  // The maker's own first: each then comes as soon as what it waits for has.
  const nodes = [...own, ...usual].map((step) => ({ ...step, needs: needsOf(step.id) }))
  const inTurn = inOrder(nodes)
  const stages = ['attach', 'child-in'] as const
  return stages.flatMap((stage) => inTurn.filter((s) => s.stage === stage)).map((step) => withPair(step, subject))
}

/** How many steps that is, without their words and their order. */
export function countSteps(subject: FittedSubject): number {
  const makers = makerStepsIn(subject)
  const extra = makers.filter((m) => m.replaces === undefined)
  // Few steps say nothing: only then is it worked out which checks the rules ask for.
  let asked: ReadonlySet<CheckId> | undefined
  const isAsked = (check: CheckId): boolean => (asked ??= checksAsked(subject)).has(check)
  return usualIn(subject, makers).filter((u) => isStep(u, isAsked)).length + extra.length
}

function withPair(step: Step, subject: FittedSubject): Step {
  const pair = pairsIn(subject).find((p) => notedAs(p.first) === step.id || notedAs(p.second) === step.id)
  if (!pair) return step
  const isFirst = notedAs(pair.first) === step.id
  const other = isFirst ? pair.second : pair.first
  return { ...step, pair: { half: isFirst ? 'first' : 'second', otherId: notedAs(other), otherText: other.text } }
}
