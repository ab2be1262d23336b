import {
  othersSharing,
  ownOf,
  placeLabels,
  placesTaken,
  takingOfOther,
  type OtherOfRide,
} from '../../casefile/index.ts'
import { takingOf } from '../../fit/index.ts'
import { mayLendBars, servesOneOnly, sharedBetween, type SeatingPosition, type SharedPart, type Taking } from '../../vehicle/index.ts' // prettier-ignore
import { untilSeen } from '../looks.ts'
import { defineRule, type PlaceSubject } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-shared-part.en.ts'

const say = sayer<typeof en>()

const ownPlaces = (s: PlaceSubject): readonly SeatingPosition[] =>
  placesTaken(s.vehicle, s.position, s, ownOf(s.ride, s).secondPositionId).places

/** Others of the ride that are said to be one of the units that are chosen here. */
const withSameUnit = ({ ride, unit, baseUnit }: PlaceSubject): readonly OtherOfRide[] =>
  (ride?.others ?? []).filter((o) => o.unitIds?.some((id) => id === unit?.id || id === baseUnit?.id))

/** Of one that is not chosen yet anything may be so. */
const ANYTHING: Taking = { usesBars: true, usesTether: true, usesRails: true, usesBelt: true, isRestraint: true }

/** What this restraint and one of the others cannot both have; `open` where that hangs on something not known. */
function clashWith(s: PlaceSubject, mine: readonly SeatingPosition[], o: OtherOfRide): SharedPart | 'open' | undefined {
  const isHooked = (id: 'tether-used' | 'lower-tethers-used'): boolean => s.look?.(id).reading?.option === 'hooked'
  const own = takingOf(s.route, { topTether: isHooked('tether-used'), lowerTethers: isHooked('lower-tethers-used') })
  const taken = takingOfOther(o)
  const isKnown = taken !== undefined && o.positionIds.length > 0
  // Of one of whom nobody has said where they sit, any place may be theirs.
  const theirs = s.vehicle.positions.filter(
    (p) => o.positionIds.includes(p.id) || (o.positionIds.length === 0 && !mine.includes(p)),
  )
  let isOpen = false
  for (const a of mine)
    for (const b of theirs) {
      const clash = sharedBetween(a, b).find(({ part, isFirst }) =>
        isFirst ? servesOneOnly(part, own, taken ?? ANYTHING) : servesOneOnly(part, taken ?? ANYTHING, own),
      )
      if (clash !== undefined && isKnown) return clash.part
      if (clash !== undefined || (mayLendBars(a, b) && own.usesBars && taken?.usesBars !== false)) isOpen = true
    }
  return isOpen ? 'open' : undefined
}

export default defineRule({
  id: 'place-shared-part',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  applies: (s) => othersSharing(s, ownPlaces(s)).length > 0 || withSameUnit(s).length > 0,
  evaluate: (s) => {
    const twice = withSameUnit(s)
    if (twice.length > 0)
      return { kind: 'fail', source: 'practice', says: say('unit', { places: placeLabels(s, twice) }) }
    const mine = ownPlaces(s)
    const others = othersSharing(s, mine)
    const clashes = others.map((o) => clashWith(s, mine, o))
    const at = clashes.findIndex((clash) => clash !== undefined && clash !== 'open')
    const part = clashes[at]
    if (part !== undefined && part !== 'open')
      return { kind: 'fail', says: say('shared', { part, places: placeLabels(s, others.slice(at, at + 1)) }) }
    if (clashes.includes('open')) return untilSeen(s, 'check.room-beside', 'room-beside')
    return { kind: 'pass', says: say('apart', { places: placeLabels(s, others) }) }
  },
})
