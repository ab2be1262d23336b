import { Sequence } from '@nimble-anchor/core/ground'
import { putsForMode, putsForPlace, type Case, type Put } from '@nimble-anchor/core/casefile'
import { type CheckId } from '@nimble-anchor/core/checks'
import type { Child } from '@nimble-anchor/core/child'
import { matchModes, matchPlaces } from '@nimble-anchor/core/match'
import { badReading, goThrough, puttingGoodReadings, Rehearsal, setUp, type Move } from '@nimble-anchor/core/rehearse'
import { type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'
import { type Stage } from '@nimble-anchor/core/verdict'
import type { Dice } from './dice'

/** The shelf and the cars that a stand-in fitter has. */
export interface Shelf {
  readonly models: readonly RestraintModel[]
  readonly units: readonly RestraintUnit[]
}

/** Seconds that a fitter takes: a start, and so much for each answer. About what a practised one needs; our own figures. */
const PACE: Readonly<Record<Stage, { readonly start: number; readonly each: number }>> = {
  measure: { start: 50, each: 12 },
  choose: { start: 35, each: 0 },
  place: { start: 25, each: 4 },
  'set-up': { start: 20, each: 14 },
  attach: { start: 40, each: 13 },
  'child-in': { start: 30, each: 11 },
  'hand-over': { start: 60, each: 0 },
}
/** Longer than this is no work on a fitting. */
const MOST_SECONDS = 590

export const paceOf =
  (dice: Dice) =>
  (stage: Stage, answers: number): number =>
    Math.round(Math.min(MOST_SECONDS, (PACE[stage].start + PACE[stage].each * answers) * dice.between(0.7, 1.6)))

/** What is found wrong oftenest, against one of everything else. Made up, so that the charts have something to show. */
const OFTEN_WRONG: Partial<Record<CheckId, number>> = {
  'slack-mm': 6,
  'slack-pinch': 6,
  'belt-slack': 4,
  'lap-section': 3,
  'coat-hides-mm': 4,
  'steadiness-mm': 3,
  'leg-indicator': 3,
  'belt-twist': 3,
  'strap-twist': 2,
  'tether-used': 3,
  'latch-right': 2,
}
/** In that many fittings something is wrong on the way; in one that came fitted, that many. */
const WRONG_ON_THE_WAY = 0.28
const WRONG_ON_ARRIVAL = 0.62

/** Looks that find something wrong before all is good, and each put right after it. */
function goWrong(rehearsal: Rehearsal, share: number, dice: Dice): void {
  const pace = paceOf(dice)
  if (!dice.chance(share)) return
  if (!setUp(rehearsal, pace)) return
  for (const stage of ['attach', 'child-in'] as const) {
    const asked = puttingGoodReadings(rehearsal.case, stage)
    const weighed = asked.flatMap((put) => {
      const id = put.path[1] as CheckId
      return badReading(id, Sequence(0)) === undefined ? [] : new Array<Put>(OFTEN_WRONG[id] ?? 1).fill(put)
    })
    if (weighed.length === 0 || !dice.chance(0.8)) continue
    const good = dice.pick(weighed)
    const { at: _at, ...bad } = badReading(good.path[1] as CheckId, Sequence(0)) ?? { at: 0 }
    const others = asked.filter((put) => put !== good)
    if (rehearsal.enter([...others, { path: good.path, value: bad }], pace(stage, asked.length)))
      rehearsal.enter([good], pace(stage, 3))
  }
}

/**
 * What a fitter enters to bring a child from the door to ready, in a car that is given.
 * @returns the moves, the measuring among them; nothing where nothing on the shelf serves
 */
export function fitSomehow(
  start: Case,
  found: Partial<Child>,
  shelf: Shelf,
  { arrivedInstalled, dice }: { readonly arrivedInstalled: boolean; readonly dice: Dice },
): readonly Move[] | undefined {
  const { vehicle } = start
  if (vehicle === undefined) return undefined
  const pace = paceOf(dice)
  const measured = new Rehearsal(start)
  const facts = Object.entries(found).map(([field, value]): Put => ({ path: ['child', field], value }))
  const journey: Put = { path: ['journeyMinutes'], value: dice.pick([10, 15, 20, 25]) }
  if (!measured.enter([...facts, journey], pace('measure', facts.length))) return undefined
  const { child, today, practice, localRule } = measured.case
  const circumstances = { today, child, practice, localRule }
  const stock = shelf.units.flatMap((unit) => {
    const model = shelf.models.find((m) => m.id === unit.modelId)
    return model === undefined || unit.partId !== undefined ? [] : [{ model, unit }]
  })
  const modes = matchModes(circumstances, stock).filter((m) => m.decision !== 'fail')
  for (const { model, mode, unit } of dice.shuffled(modes).slice(0, MOST_MODES)) {
    const places = matchPlaces(circumstances, vehicle, { model, mode, unit })
    const ways = places.flatMap(({ position, routes }) => routes.filter((r) => r.decision !== 'fail').map(({ route }) => ({ position, route }))) // prettier-ignore
    for (const { position, route } of dice.shuffled(ways).slice(0, MOST_WAYS)) {
      const rehearsal = new Rehearsal(measured.case)
      if (!rehearsal.enter(putsForMode(rehearsal.case, model, mode.id, unit), pace('choose', 1))) continue
      if (!rehearsal.enter(putsForPlace(rehearsal.case, position.id, route.id), pace('place', 1))) continue
      goWrong(rehearsal, arrivedInstalled ? WRONG_ON_ARRIVAL : WRONG_ON_THE_WAY, dice)
      if (goThrough(rehearsal, pace)) return [...measured.moves, ...rehearsal.moves]
    }
  }
  return undefined
}

/** A fitter tries a few, and asks the family to come back. */
const MOST_MODES = 5
const MOST_WAYS = 3
