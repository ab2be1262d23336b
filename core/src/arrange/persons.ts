import { PERSON_TAKES, personProfile, USUAL_ADULT_BREADTH_MM } from '../fit/index.ts'
import { isDriversPlace } from '../vehicle/index.ts'
import { bit, type Car, type Draft } from './draft.ts'
import { factOf } from './facts.ts'

const NO_MONTHS = { rearwardMonths: 0, harnessMonths: 0, endsSoon: false } as const

interface Person {
  readonly rider: number
  readonly kind: 'person' | 'driver'
  readonly breadthMm: number | undefined
  readonly seatForwardMm: number | undefined
  readonly positionId: string | undefined
  readonly isYoungest: boolean
  /** Whether a three-point belt is asked for, as of a child. */
  readonly needsThreePoint: boolean
  readonly id: string
}

/** Every place where somebody can ride on the seat itself. */
export function personDrafts(car: Car, person: Person): readonly Draft[] {
  const breadthMm = person.breadthMm ?? USUAL_ADULT_BREADTH_MM
  const body = car.body(`person ${breadthMm}`, () => ({
    profile: personProfile(breadthMm),
    playMm: 0,
    needsHand: true,
    openFacts: [],
  }))
  return car.places.flatMap((place): Draft[] => {
    const { position } = place
    if (person.kind === 'person' && (car.taken.has(position.id) || isDriversPlace(car.vehicle, position))) return []
    if (person.positionId !== undefined && person.positionId !== position.id) return []
    const { belt } = position
    if (person.kind === 'person' && (belt?.kind === 'none' || (person.needsThreePoint && belt?.kind === 'lap')))
      return []
    const of = { childId: person.id, vehicleId: car.vehicle.id, positionId: position.id }
    const facts = person.kind === 'person' && belt === undefined ? [factOf('position.belt', of)] : []
    return [
      {
        rider: person.rider,
        place: place.index,
        second: undefined,
        mask: bit(place.index),
        unitClass: undefined,
        baseClass: undefined,
        model: undefined,
        mode: undefined,
        route: undefined,
        centreMm: place.centreMm,
        from: place.turn,
        to: place.turn,
        body,
        facts,
        ownFacts: facts.length,
        isAdvisedAgainst: false,
        ...NO_MONTHS,
        isConverted: false,
        isNotOwned: false,
        wishesBroken: 0,
        isYoungestElsewhere: person.isYoungest && car.wanted.size > 0 && !car.wanted.has(place.index),
        steps: 0,
        ...PERSON_TAKES,
        // A child beyond the rule rides as the handbook has it for people.
        airbag: place.airbagOf === undefined || person.kind === 'driver' ? 'either' : 'on',
        travel: [],
        onFrontSeat: person.kind,
        seatForwardMm: person.seatForwardMm,
        passable: 'yes',
        isAdultPassable: true,
      },
    ]
  })
}
