import { type IsoDate, Sequence } from '@nimble-anchor/core/ground'
import { CASE_FORMAT, CASE_VERSION, type Case } from '@nimble-anchor/core/casefile'
import type { Child } from '@nimble-anchor/core/child'
import type { LocalRule } from '@nimble-anchor/core/law'
import type { PracticeProfile } from '@nimble-anchor/core/practice'
import { addDays, seedOf } from '@nimble-anchor/core/quantities'
import type { Move } from '@nimble-anchor/core/rehearse'
import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { diceOf, type Dice } from './dice'
import { fitSomehow, type Shelf } from './fitter'
import { asGrowing, FAMILY_NAMES, foundOn, makeChild, toldOf, type GrowingChild } from './growing'

/** A season at Slipway Bay: the same from every seed and day. */

/** What a season is made of; plain data, so that it travels to a thread. */
export interface Season {
  readonly today: IsoDate
  readonly shelf: Shelf
  readonly vehicles: readonly Vehicle[]
  /** The children of the demo's files, as they are today: some of them came before. */
  readonly children: readonly Child[]
  readonly practice: PracticeProfile
  readonly localRule: LocalRule
}

/** One fitting that a family came for; running numbers go by the day. */
interface Coming {
  readonly number: number
  readonly child: GrowingChild
  readonly day: IsoDate
  /** Minutes after midnight. */
  readonly minute: number
  readonly who: string
}

export interface SeasonFitting {
  readonly number: number
  readonly start: Case
  readonly day: IsoDate
  readonly minute: number
  readonly who: string
  readonly carerName: string
  readonly arrivedInstalled: boolean
  readonly moves: readonly Move[]
}

export const SEASON_FITTINGS = 600
const SEED = 20_260_704
const WEEKS = 34
const FITTERS = ['Jory Quill', 'Isolde Trewin', 'Jory Quill', 'Piers Nancarrow'] as const
const OPENS_AT = 9 * 60
const CLOSES_AT = 16 * 60 + 30
const MINUTES_APART = 24
const SECOND_PAIR_LATER = 7
const CAME_INSTALLED = 0.18
const CARERS = ['Maren', 'Tobin', 'Wenna', 'Aldous', 'Sunniva', 'Rafe', 'Ottilie', 'Bram'] as const

/** The Saturdays of the season, the first of them first; none of them today. */
export function saturdays(today: IsoDate): readonly IsoDate[] {
  const weekday = new Date(`${today}T12:00:00Z`).getUTCDay()
  const last = addDays(today, -((weekday + 1) % 7 || 7))
  return Array.from({ length: WEEKS }, (_, i) => addDays(last, -7 * (WEEKS - 1 - i)))
}

/** Families with one to three children of their own ages. */
function makeFamilies(middle: IsoDate, dice: Dice): readonly (readonly GrowingChild[])[] {
  return dice.shuffled(FAMILY_NAMES).map((familyName, f) => {
    const children: GrowingChild[] = []
    const many = dice.pick([1, 1, 2, 2, 3])
    for (let i = 0; i < many; i += 1) {
      const taken = children.map((c) => c.name)
      children.push(makeChild(`season-${f}-${i}`, familyName, middle, taken, dice))
    }
    return children
  })
}

/** Who comes when, to the number of fittings asked for: families of a Saturday one after another. */
export function comings({ today, children }: Pick<Season, 'today' | 'children'>): readonly Coming[] {
  const dice = diceOf(SEED)
  const days = saturdays(today)
  const middle = days[Math.floor(days.length / 2)] ?? today
  const known = children.flatMap((c) => asGrowing(c, today) ?? [])
  const families = [...makeFamilies(middle, dice), ...known.map((c) => [c])]
  const on = new Map<IsoDate, GrowingChild[]>(days.map((d) => [d, []]))
  let left = SEASON_FITTINGS
  for (let round = 0; left > 0; round += 1) {
    const family = families[(families.length - 1 - (round % families.length)) as 0]
    const day = dice.pick(days)
    const there = on.get(day) ?? []
    for (const child of family ?? []) {
      if (left === 0 || child.dateOfBirth >= day || there.some((c) => c.id === child.id)) continue
      there.push(child)
      left -= 1
    }
  }
  // Where more come than one pair of hands can serve, a second fitter works beside the first.
  const slots = Math.floor((CLOSES_AT - OPENS_AT) / MINUTES_APART)
  return days
    .flatMap((day) =>
      (on.get(day) ?? []).map((child, i) => ({
        child,
        day,
        minute: OPENS_AT + (i % slots) * MINUTES_APART + Math.floor(i / slots) * SECOND_PAIR_LATER,
        who: FITTERS[(i + Math.floor(i / slots)) % FITTERS.length] ?? FITTERS[0],
      })),
    )
    .toSorted((a, b) => a.day.localeCompare(b.day) || a.minute - b.minute)
    .map((coming, i): Coming => ({ ...coming, number: i + 1 }))
}

/**
 * The fittings of some of those who come, gone through to ready. One for whom
 * nothing on the shelf serves in any car is not among them.
 */
export function seasonFittings(season: Season, from: number, count: number): readonly SeasonFitting[] {
  const { today, shelf, vehicles, practice, localRule } = season
  return comings(season)
    .slice(from, from + count)
    .flatMap(({ child, day, minute, number, who }): SeasonFitting[] => {
      const dice = diceOf(SEED + number)
      const found = foundOn(child, day, dice)
      if (found === undefined || day >= today) return []
      const arrivedInstalled = dice.chance(CAME_INSTALLED)
      // Children of one family go in one car.
      const ofTheRide = diceOf(seedOf(`${child.familyName} ${day}`))
      for (const vehicle of ofTheRide.shuffled(vehicles)) {
        const start: Case = {
          format: CASE_FORMAT,
          version: CASE_VERSION,
          today: day,
          child: toldOf(child),
          vehicle,
          restraints: [],
          choice: { at: Sequence(0) },
          settings: {},
          disturbances: {},
          readings: {},
          practice,
          localRule,
        }
        const moves = fitSomehow(start, found, shelf, { arrivedInstalled, dice })
        const carerName = `${dice.pick(CARERS)} ${child.familyName}`
        if (moves) return [{ number, start, day, minute, who, carerName, arrivedInstalled, moves }]
      }
      return []
    })
}
