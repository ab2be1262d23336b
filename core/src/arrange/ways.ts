import { isBreadthAsked, isProfileOpen, standingOf, takingOf } from '../fit/index.ts'
import { isAdvisedAgainst, modeSubject, placeSubject, survey, untouched } from '../match/index.ts'
import { countSteps } from '../procedure/index.ts'
import { isBaseUnit, isIntegral, liesAcross, type Mode, type RestraintUnit, type Route } from '../restraint/index.ts'
import { airbagAsked, type PlaceSubject } from '../rules/index.ts'
import { doorSideOf, isDriversPlace, neighboursOf } from '../vehicle/index.ts'
import { headInboard, travelOf, withOnly } from './car.ts'
import { bit, type Car, type Draft } from './draft.ts'
import { factOf, isShared, type ArrangeNeed, type Fact, type FactOf } from './facts.ts'
import type { ChildOfFamily, Family, WayOfChild } from './family.ts'
import type { Body, Candidate, Place, UnitClass } from './problem.ts'

function bodyOf(
  { body }: Car,
  child: ChildOfFamily,
  way: WayOfChild,
  mode: Mode,
  route: Route,
  place: Place,
  extrasOff: boolean,
): Body {
  const podSide = mode.sidePod === true ? doorSideOf(place.position) : undefined
  const standing = standingOf(mode, route, { hasExtra: !extrasOff, shoulderBreadthMm: child.breadthMm, podSide })
  const { needsHand, playMm, profile } = standing
  const { id: modelId } = way.unitClass.model
  const childId = child.circumstances.child.id
  const isPerChild = (mode.widthSettings?.length ?? 0) > 0
  const key = [modelId, mode.id, isPerChild ? childId : '', podSide ?? '', needsHand, playMm, extrasOff].join(' ')
  return body(key, () => {
    const of = { childId, modelId, modeId: mode.id }
    const openFacts: Fact[] = []
    if (isBreadthAsked(mode, child.breadthMm)) {
      const isInsideStated = mode.widthSettings?.every((s) => s.insideMm !== undefined) === true
      openFacts.push(factOf(isInsideStated ? 'child.shoulderBreadthMm' : 'mode.widthSettings', of))
    }
    const isUnstated = Object.values(profile).some((p) => p !== 'none' && !p.isStated)
    // What is open without a reason of its own is measured: a row is never possible with nothing to ask.
    if (isProfileOpen(profile) && (isUnstated || openFacts.length === 0)) openFacts.push(factOf('mode.halfWidths', of))
    return { ...standing, openFacts }
  })
}

const passableOf = (mode: Mode, route: Route): Candidate['passable'] => {
  if (mode.passable !== undefined) return mode.passable ? 'yes' : 'no'
  if (mode.direction === 'lateral') return 'no'
  // A base alone is passed; its shell comes in with the child.
  if (mode.direction === 'forward' || route.usesBase === true) return 'yes'
  return 'look'
}

function airbagOf(place: Place, at: PlaceSubject): Candidate['airbag'] {
  if (place.airbagOf === undefined) return 'either'
  if (at.mode.direction !== 'forward') return 'off'
  const asked = at.position.row === 1 ? airbagAsked(at) : 'either'
  return asked === 'on' || asked === 'off' ? asked : 'either'
}

function stepsOf(car: Car, at: PlaceSubject): number {
  const key = `${at.model.id} ${at.mode.id} ${at.route.id} ${at.position.id} ${at.vehicle.positions.length}`
  const known = car.steps.get(key)
  if (known !== undefined) return known
  const steps = countSteps(untouched(at))
  car.steps.set(key, steps)
  return steps
}

/**
 * Which units carry a shell on this route: none, or each kind of base of its model.
 * Where nobody has read whether it goes on a base, it may be without one: its rule then asks.
 */
function basesFor(family: Family, way: WayOfChild, route: Route): readonly (UnitClass | undefined)[] {
  const { model } = way.unitClass
  if (way.unit.partId === undefined || route.usesBase === false) return [undefined]
  const bases = family.classes.filter((c) => c.model.id === model.id && isBaseUnit(model, c.units[0]))
  return route.usesBase === undefined ? [undefined, ...bases] : bases
}

/** Every way for one child in one car with one mode. */
export function draftsOf(car: Car, rider: number, child: ChildOfFamily, way: WayOfChild): readonly Draft[] {
  const { family, places } = car
  const { request } = family
  const { mode, model } = way.subject
  const childId = child.circumstances.child.id
  const extrasOff = (request.extrasOff ?? []).includes((way.unitClass.units[0] as RestraintUnit).id)
  const ofMode = survey('mode', way.subject)
  const drafts: Draft[] = []
  for (const route of mode.routes) {
    for (const baseClass of basesFor(family, way, route)) {
      const subject =
        baseClass === undefined ? way.subject : { ...modeSubject(way.subject, model, mode, way.unit, baseClass.units[0]), alternatives: way.subject.alternatives } // prettier-ignore
      for (const place of places) {
        if (car.taken.has(place.position.id) || isDriversPlace(car.vehicle, place.position)) continue
        const isAcross = liesAcross(mode, route)
        const seconds = isAcross
          ? neighboursOf(car.vehicle, place.position).filter(
              (p) => !car.taken.has(p.id) && !isDriversPlace(car.vehicle, p),
            )
          : [undefined]
        for (const second of seconds) {
          const vehicle = second === undefined ? car.vehicle : withOnly(car.vehicle, place.position, second)
          const at = placeSubject(subject, route, place.position, vehicle)
          const ofPlace = survey('place', at)
          if (ofPlace.decision === 'fail') continue
          const ofRoute = survey('route', at)
          if (ofRoute.decision === 'fail') continue
          const of: FactOf = {
            childId,
            vehicleId: car.vehicle.id,
            positionId: place.position.id,
            modelId: model.id,
            modeId: mode.id,
            routeId: route.id,
            unitId: way.unitClass.units[0]?.id,
          }
          const facts = new Map<string, Fact>()
          const ask = (need: ArrangeNeed): void => {
            const fact = factOf(need, of)
            facts.set(fact.key, fact)
          }
          for (const { missing } of [ofMode, ofRoute, ofPlace]) for (const need of missing) ask(need)
          if (second !== undefined) {
            const inboard = headInboard(car.vehicle, place.position, second)
            if (inboard === 'fail') continue
            if (inboard === 'undecided') ask('position.doorSide')
          }
          const secondIndex = second && places.findIndex((p) => p.position.id === second.id)
          const beside = secondIndex === undefined ? undefined : places[secondIndex]
          const centreMm =
            beside === undefined
              ? place.centreMm
              : place.centreMm === undefined || beside.centreMm === undefined
                ? undefined
                : (place.centreMm + beside.centreMm) / 2
          const listed = [...facts.values()]
          drafts.push({
            rider,
            place: place.index,
            second: secondIndex,
            mask: bit(place.index) | (secondIndex === undefined ? 0 : bit(secondIndex)),
            unitClass: way.unitClass.index,
            baseClass: baseClass?.index,
            model,
            mode,
            route,
            centreMm,
            from: Math.min(place.turn, beside?.turn ?? place.turn),
            to: Math.max(place.turn, beside?.turn ?? place.turn),
            body: bodyOf(car, child, way, mode, route, place, extrasOff),
            facts: listed,
            ownFacts: listed.filter((f) => !isShared(f)).length,
            isAdvisedAgainst:
              family.isWhole &&
              (way.isAdvisedAgainst || isAdvisedAgainst('route', at) || isAdvisedAgainst('place', at)),
            rearwardMonths: way.rearwardMonths,
            harnessMonths: way.harnessMonths,
            endsSoon: way.endsSoon,
            isConverted: way.isConverted,
            isNotOwned: !way.unitClass.isOwned,
            wishesBroken: 0,
            isYoungestElsewhere: child.isYoungest && car.wanted.size > 0 && !car.wanted.has(place.index),
            steps: family.isWhole ? stepsOf(car, at) + Number(way.isConverted) : 0,
            ...takingOf(route),
            airbag: airbagOf(place, at),
            travel: travelOf(car.vehicle, place, mode, route),
            onFrontSeat: 'restraint',
            seatForwardMm: undefined,
            passable: passableOf(mode, route),
            isAdultPassable: !isIntegral(mode),
          })
        }
      }
    }
  }
  return drafts
}
