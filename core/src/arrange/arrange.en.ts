import { type VehicleId } from '../ground/index.ts'
import { formatNumber, plural } from '../quantities/index.ts'
import { describeNeed } from '../verdict/index.ts'
import type { ArrangeResult } from './arrange.ts'
import type { ConflictFact } from './conflict.ts'
import { ARRANGE_NEEDS, type ArrangeNeed, type Fact } from './facts.ts'
import type { WhyNotThere } from './each-place.ts'
import type { Level, ToldLevels } from './levels.ts'
import type { Changed } from './one-change.ts'

/** How things of the question are called: names of children, places, restraints. */
export interface Names {
  readonly rider: (id: string) => string
  readonly place: (vehicleId: VehicleId | undefined, positionId: string) => string
  readonly model: (id: string) => string
  readonly pin: (index: number) => string
}

type OwnNeed = (typeof ARRANGE_NEEDS)[number]
const OWN_NEEDS: Record<OwnNeed, string> = {
  'position.lateralCentreMm': 'Measure where the middle of the place is',
  'position.frontSeatRangeMm': 'Measure the distance with the front seat fully back and fully forward',
  'position.reachedPast': 'See how the place is reached',
  'position.sharedWith': 'Read whether the middle place borrows bars of its neighbours',
  'position.doorSide': 'See on which side there is a door',
  'mode.halfWidths': 'Measure how far the restraint reaches out at hip, shoulder and head',
  'mode.widthSettings': 'Read how wide each width setting is inside',
  'child.shoulderBreadthMm': 'Measure across both shoulders',
  'loading.past': 'See whether the child can be lifted in past its neighbour',
}
const isOwn = (need: ArrangeNeed): need is OwnNeed => (ARRANGE_NEEDS as readonly string[]).includes(need)

/** What is to be done to know a fact, and of what: "Weigh the child (Tamsin)". */
export function factText(fact: Fact, names: Names): string {
  const ask = isOwn(fact.need) ? OWN_NEEDS[fact.need] : describeNeed(fact.need).ask
  const of = [
    ...(fact.childId === undefined ? [] : [names.rider(fact.childId)]),
    ...(fact.positionId === undefined ? [] : [names.place(fact.vehicleId, fact.positionId)]),
    ...(fact.modelId === undefined ? [] : [names.model(fact.modelId)]),
  ]
  return of.length === 0 ? ask : `${ask} (${of.join(', ')})`
}

const months = (n: number): string => plural(n, 'month')

/** Why an arrangement stands behind the best one, by the level that tells them apart. */
export function becauseText(level: Level | undefined, best: ToldLevels, other: ToldLevels): string {
  if (level === undefined) return 'As good as the first'
  switch (level) {
    case 'facts':
      return `${plural(other.facts - best.facts, 'more fact')} to be measured`
    case 'advice':
      return 'Goes against advice'
    case 'rearwardMonthsLost':
      return `${months(other.rearwardMonthsLost - best.rearwardMonthsLost)} fewer facing rearward`
    case 'harnessMonthsLost':
      return `${months(other.harnessMonthsLost - best.harnessMonthsLost)} fewer in a harness`
    case 'notOwned':
      return `${other.notOwned - best.notOwned} more in what the family does not have`
    case 'wishesBroken':
      return `${plural(other.wishesBroken - best.wishesBroken, 'wish', 'wishes')} not kept`
    case 'youngest':
      return 'The youngest sits elsewhere'
    case 'marginMm':
      return best.marginMm === undefined || other.marginMm === undefined
        ? 'Less room side by side'
        : `${formatNumber(best.marginMm - other.marginMm)} mm less room side by side`
    case 'steps':
      return `${plural(other.steps - best.steps, 'more step')}`
    case 'endsSoon':
      return 'More is outgrown within six months'
  }
}

const LEVEL_TEXT: Readonly<Record<Level, string>> = {
  facts: 'facts to be measured',
  advice: 'against advice',
  rearwardMonthsLost: 'months facing rearward given up',
  harnessMonthsLost: 'months in a harness given up',
  notOwned: 'in what the family does not have',
  wishesBroken: 'wishes not kept',
  youngest: 'the youngest elsewhere',
  marginMm: 'room side by side, in mm',
  steps: 'steps',
  endsSoon: 'outgrown within six months',
}

/** How much better than the best found so far another could still be: stopped before the end. */
export function gapText({ level, found, bound }: NonNullable<ArrangeResult['gap']>): string {
  const figure = (x: number | undefined): string => (x === undefined ? 'not known' : formatNumber(x))
  return `Not searched to the end. ${upper(LEVEL_TEXT[level])}: ${figure(found)} found, ${figure(bound)} at best.`
}
const upper = (text: string): string => text.replace(/^./, (x) => x.toUpperCase())

/** One of the facts that cannot all stand together. */
export function conflictText(fact: ConflictFact, vehicleId: VehicleId, names: Names): string {
  switch (fact.kind) {
    case 'child-rides':
      return `${names.rider(fact.childId)} rides`
    case 'adult-rides':
      return `${names.rider(fact.adultId)} rides`
    case 'pin':
      return names.pin(fact.index)
    case 'tallest-driver':
      return 'The driver’s seat stands for the tallest driver'
    case 'extra-on':
      return `Cup holder or pod of ${names.model(fact.modelId)} is on`
    case 'taken':
      return `${names.place(vehicleId, fact.positionId)} is taken`
    case 'airbag':
      return `The airbag before ${names.place(vehicleId, fact.positionId)}`
    case 'floor-box':
      return `The box in the floor before ${names.place(vehicleId, fact.positionId)}`
    case 'shared':
      return `${names.place(vehicleId, fact.positionId)} shares with ${names.place(vehicleId, fact.otherId)}`
    case 'trim':
      return `The doors’ trim in row ${fact.row}`
    case 'one-base':
      return `There is only so much base for ${names.model(fact.modelId)}`
  }
}

/** The single change that helps most, as a command. */
export function singleChangeText(what: Changed, names: Names): string {
  switch (what.kind) {
    case 'model':
      return `Get ${names.model(what.modelId)}`
    case 'pin':
      return `Let go: ${names.pin(what.index)}`
    case 'extra-off':
      return `Take cup holder or pod off ${names.model(what.modelId)}`
    case 'adult-elsewhere':
      return `Let ${names.rider(what.adultId)} sit elsewhere`
  }
}

/** Why somebody cannot sit at a place. */
export function whyNotThereText(why: WhyNotThere | undefined, vehicleId: VehicleId, names: Names): string {
  switch (why?.kind) {
    case 'driver':
      return 'The driver sits here'
    case 'taken':
      return 'This place is taken'
    case 'rule':
      return why.reason
    case 'nothing-suits':
      return 'Nothing on the shelf suits this child'
    case 'beside':
      return why.facts.length === 0
        ? 'Not beside whoever else rides'
        : `Not together with: ${why.facts.map((f) => conflictText(f, vehicleId, names)).join('; ')}`
    case undefined:
      return 'Not with everybody else in the car'
  }
}
