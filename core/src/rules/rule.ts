import { type IsoDate } from '../ground/index.ts'
import type { Identity, Ride } from '../casefile/index.ts'
import type { BodyHeight, Child } from '../child/index.ts'
import type { PracticeProfile } from '../practice/index.ts'
import type { LocalRule } from '../law/index.ts'
import type { Decision, Interval, Wording } from '../quantities/index.ts'
import type { CheckId } from '../checks/index.ts'
import type { Change, Reading, Settings } from '../readings/index.ts'
import type { Mode, ModePart, RestraintModel, RestraintUnit, Route, RoutePart } from '../restraint/index.ts'
import type { SeatingPosition, Vehicle } from '../vehicle/index.ts'
import type { Said } from './say.ts'

/** Who decided: law first, then the makers of car and restraint, then the school of practice. */
export type RuleSource = 'regulation' | 'vehicle' | 'maker' | 'practice'

/**
 * What a failure means. `stop`: this combination may not be used. `fix`: put
 * right before travel. `advise`: allowed, but the profile or good practice says otherwise.
 */
export type Severity = 'stop' | 'fix' | 'advise'
export const SEVERITY_RANK = { stop: 0, fix: 1, advise: 2 } as const satisfies Record<Severity, number>

export type RuleStage = 'choose' | 'place' | 'set-up' | 'attach' | 'child-in'
export const RULE_STAGES: readonly RuleStage[] = ['choose', 'place', 'set-up', 'attach', 'child-in']

/** A child and one mode of one restraint. */
export interface ModeSubject {
  readonly today: IsoDate
  readonly child: Child
  readonly age: Interval | undefined
  readonly massKg: Interval | undefined
  readonly statureCm: Interval | undefined
  /** Seated shoulder height as measured; the estimate stands in `shoulder`. */
  readonly shoulderMm: Interval | undefined
  /** Measured, or estimated from the stature and marked so. */
  readonly shoulder: BodyHeight | undefined
  readonly sitting: BodyHeight | undefined
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
  /** How long the journey ahead is, where it was asked. */
  readonly journeyMinutes?: number | undefined
  /** Who rides along, where it is one of a ride. */
  readonly ride?: Ride | undefined
  readonly model: RestraintModel
  readonly unit?: RestraintUnit | undefined
  /** The base under a carrier, where the two are units of their own. */
  readonly baseUnit?: RestraintUnit | undefined
  readonly mode: Mode
  /** What else the stock would allow this child; absent while that is being worked out. */
  readonly alternatives?: { readonly rearward: Decision; readonly harnessed: Decision } | undefined
  /** What is set and what was seen, where the fitting has got that far. */
  readonly settings?: Settings | undefined
  readonly look?: ((id: CheckId) => Look) | undefined
}
export interface RouteSubject extends ModeSubject {
  readonly route: Route
  /** All that a rule of a route may ask of a place: places alike in it are judged alike (`matchPlaces`). */
  readonly position?:
    { readonly isofix?: Pick<NonNullable<SeatingPosition['isofix']>, 'maxTotalMassKg'> | undefined } | undefined
}
export interface PlaceSubject extends RouteSubject {
  readonly vehicle: Vehicle
  readonly position: SeatingPosition
}
/** What is known of one check: nothing, a reading, or a reading that no longer holds. */
export interface Look {
  readonly reading?: Reading | undefined
  readonly staleBecause?: Change | undefined
}
export interface FittedSubject extends PlaceSubject {
  readonly settings: Settings
  readonly look: (id: CheckId) => Look
  /** When a step that leaves no reading was done, in the order of entry; `undefined` when it is still to do. */
  readonly doneAt: (stepId: string) => number | undefined
  /** Whether the day of birth, age or sex was changed, and what was answered. */
  readonly identity?: Identity | undefined
  /** Checks with a reading that still holds. */
  readonly noted: readonly CheckId[]
  /** Checks that the other rules ask for in this fitting; worked out when first asked. */
  readonly asked?: (() => ReadonlySet<CheckId>) | undefined
}

export interface ScopeSubject {
  mode: ModeSubject
  route: RouteSubject
  place: PlaceSubject
  fitted: FittedSubject
}
export type Scope = keyof ScopeSubject

/**
 * A fact that would settle a rule: a field of the child, of the place, a setting,
 * a check, or something that label and manual state of mode and route.
 */
export type Need =
  | `child.${'massKg' | 'statureCm' | 'ageMonths' | 'seatedShoulderHeightMm' | 'sittingHeightMm' | 'headControl' | 'needsPostureSpecialist' | 'bornAtWeeks' | 'birthMassKg' | 'advice' | 'identity'}`
  | `unit.${'lifeEndsOn' | 'history' | 'catalogueEntry' | 'madeOn' | 'approvalYear' | 'harness' | 'direction' | 'base'}`
  | `position.${'belt' | 'isofix' | 'tether' | 'frontAirbag' | 'floor' | 'cushionSlopeDeg' | 'cushionHeightMm' | 'handbook' | 'lowerTetherPoints' | 'frontClearanceMm' | 'headRestraint' | 'slidingTrack' | 'isDriverSeat' | 'facing'}`
  | `mode.${ModeFact}`
  | `route.${RouteFact}`
  | 'journeyMinutes'
  | 'localRule.r44Use'
  | `setting.${keyof Settings}`
  | `check.${CheckId}`
  | `step.${string}`

/** What label and manual state of a mode, and may not have been read yet. */
type ModeFact =
  ModePart | 'inserts' | 'reclines' | 'strap' | 'headRule' | 'massKg' | 'sidePod' | 'crotchBeltGuide' | 'forwardGuard'
type RouteFact =
  | RoutePart
  | 'rotationHeldBy'
  | 'fixture'
  | 'approvedPlaces'
  | 'seatsTaken'
  | 'usesBase'
  | 'permittedReclines'
  | 'frontSeat'
  | 'frontAirbag'
  | 'pushedHome'
  | 'legProofs'
  | 'steps'

/** What every outcome of a rule may say, whatever its kind; nothing of it is in any language. */
interface Judgement {
  readonly measured?: Interval | undefined
  /** The limit that decided. */
  readonly limit?: number | undefined
  /** Both ends, where the measured value is held against a window. */
  readonly range?: { readonly from?: number | undefined; readonly to?: number | undefined } | undefined
  readonly unit?: string | undefined
  /** How the limit is worded, where there is one that a measured check is held against. */
  readonly wording?: 'at-least' | 'at-most' | undefined
  /** Room to the limit at the worst value measured; negative when over it. */
  readonly margin?: number | undefined
  /** Which message of the rule says why, and what fills it. */
  readonly says: Said
  /** The check that speaks, where a rule reads several. */
  readonly check?: CheckId | undefined
  /** Where one rule speaks for law or for maker depending on the case. */
  readonly source?: RuleSource | undefined
  readonly severity?: Severity | undefined
}
interface Passed extends Judgement {
  readonly kind: 'pass'
}
interface Failed extends Judgement {
  readonly kind: 'fail'
}
interface Undecided extends Judgement {
  readonly kind: 'undecided'
  /** What to find out: what is not named here, nobody would be asked. */
  readonly missing: readonly Need[]
  /** A look at the car that settles an open figure; its own rule asks for it, and blocks. */
  readonly settledBy?: CheckId | undefined
}
/** What a rule makes of a subject that it applies to. */
export type Outcome = Passed | Failed | Undecided
/** The fourth outcome of a rule, and never of a fitting: it has nothing to say of this subject. */
export interface NotApplicable {
  readonly kind: 'not-applicable'
}
const NOT_APPLICABLE: NotApplicable = { kind: 'not-applicable' }

/**
 * An outcome whose kind was worked out: what is missing counts only where it is
 * undecided. The judgement, made for this call, becomes the outcome: a shelf is
 * tens of thousands of them, and a copy of each was an eighth of the time.
 */
export function outcomeOf(kind: Decision, missing: readonly Need[], judgement: Judgement): Outcome {
  const outcome = judgement as Judgement & { kind?: Decision; missing?: readonly Need[] }
  outcome.kind = kind
  if (kind === 'undecided') outcome.missing = missing
  return outcome as Outcome
}

export const missingIn = (outcome: Outcome): readonly Need[] => (outcome.kind === 'undecided' ? outcome.missing : [])

/** What changes by itself as a child grows and time passes. */
export type GrowingQuantity = 'massKg' | 'statureCm' | 'ageMonths' | 'shoulderMm' | 'sittingMm' | 'daysFromToday'

/** One limit on a growing quantity; a rule with several asks for all of them. */
export interface Bound {
  readonly quantity: GrowingQuantity
  readonly wording: Wording
  readonly limit: number
}

export function rangeBounds(quantity: GrowingQuantity, from?: number, to?: number): readonly Bound[] {
  return [
    ...(from === undefined ? [] : [{ quantity, wording: 'at-least', limit: from } as const]),
    ...(to === undefined ? [] : [{ quantity, wording: 'at-most', limit: to } as const]),
  ]
}

export interface Rule<S extends Scope = Scope> {
  readonly id: string
  readonly scope: S
  readonly stage: RuleStage
  readonly severity: Severity
  readonly source: RuleSource
  /** Named limits with their units, as the rule book shows them. */
  readonly limits?: Readonly<Record<string, { readonly value: number; readonly unit: string }>>
  /** Checks that the rule reads; the procedure asks for them whenever the rule applies. */
  readonly checks?: readonly CheckId[] | ((subject: ScopeSubject[S]) => readonly CheckId[])
  readonly applies: (subject: ScopeSubject[S]) => boolean
  /**
   * The limits that time will move the child across, where the rule is nothing
   * else: what `evaluate` asks of exact values. The growth forecast reads them.
   */
  readonly bounds?: (subject: ScopeSubject[S]) => readonly Bound[]
  readonly evaluate: (subject: ScopeSubject[S]) => Outcome
  /** The same for whoever reads no words of it: not marked as the rule's own. */
  readonly unsaid: (subject: ScopeSubject[S]) => Outcome
}

/** Any rule of the book: its scope tells what it is asked with. */
export type AnyRule = { readonly [S in Scope]: Rule<S> }[Scope]

/** Whether it is asked with subjects of this scope. */
export const isOfScope =
  <S extends Scope>(scope: S) =>
  (rule: AnyRule): rule is AnyRule & Rule<S> =>
    rule.scope === scope

/** What a finding has to know of its rule. */
type RuleHead = Pick<AnyRule, 'id' | 'scope' | 'stage' | 'severity' | 'source'>

/** A rule as far as asking it goes; a whole fitting may be asked of any rule. */
interface Asked<Subject> extends RuleHead {
  readonly applies: (subject: Subject) => boolean
  readonly evaluate: (subject: Subject) => Outcome
  readonly bounds?: ((subject: Subject) => readonly Bound[]) | undefined
}

/** What a rule says of a subject, and that it says nothing where it does not apply. */
export const judge = <Subject>(rule: Asked<Subject>, subject: Subject): Outcome | NotApplicable =>
  rule.applies(subject) ? rule.evaluate(subject) : NOT_APPLICABLE

/** A rule as declared; what its outcomes say is marked as its own. */
export function defineRule<const S extends Scope>(rule: Omit<Rule<S>, 'unsaid'>): Rule<S> {
  return {
    ...rule,
    unsaid: rule.evaluate,
    evaluate: (subject) => {
      const outcome = rule.evaluate(subject)
      outcome.says.rule ??= rule.id
      return outcome
    },
  }
}

/** An outcome that nobody has put into sentences yet. */
export interface RawFinding {
  readonly rule: RuleHead
  readonly outcome: Outcome
  /** The limits that time moves the child across, where the rule refused. */
  readonly bounds?: readonly Bound[] | undefined
}

/** A rule's finding on a subject, or nothing where it does not apply. */
export function findingOf<Subject>(rule: Asked<Subject>, subject: Subject): RawFinding | undefined {
  const outcome = judge(rule, subject)
  if (outcome.kind === 'not-applicable') return undefined
  return outcome.kind === 'fail' ? { rule, outcome, bounds: rule.bounds?.(subject) } : { rule, outcome }
}

export const severityOf = (raw: RawFinding): Severity => raw.outcome.severity ?? raw.rule.severity
