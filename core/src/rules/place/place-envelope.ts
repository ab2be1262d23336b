import { fixturesTaken, FIXTURE_TEXT } from '../../vehicle/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-envelope',
  title: 'Room for the restraint’s envelope',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'UN R16 fixtures: a larger envelope takes the smaller of its kind; i-Size takes R2 and F2X.',
  applies: ({ route }) => route.fixture !== undefined,
  evaluate: ({ route, position, vehicle }) => {
    const fixture = route.fixture
    if (fixture === undefined) throw new Error('place-envelope applies to routes with a fixture only')
    const text = `${fixture} (${FIXTURE_TEXT[fixture]})`
    if ((route.approvedPlaces ?? []).some((a) => a.vehicleId === vehicle.id && a.positionIds.includes(position.id))) {
      return { kind: 'pass', source: 'maker', reason: () => 'The maker has tried it at this place of this car.' }
    }
    const isISize = position.handbook?.iSize === 'i-U' || position.handbook?.iSize === 'i-UF'
    const listed = position.handbook?.fixtures
    const takes = fixturesTaken(listed ?? [], isISize).has(fixture)
    const kind = takes ? 'pass' : listed === undefined ? 'undecided' : 'fail'
    return {
      kind,
      missing: kind === 'undecided' ? ['position.handbook'] : undefined,
      reason: () =>
        takes
          ? `The place takes the envelope ${text}.`
          : kind === 'fail'
            ? `The place does not take the envelope ${text}.`
            : `Not known: whether the place takes the envelope ${text}.`,
      remedy: () =>
        kind === 'fail'
          ? 'Use a place with more room, or a smaller restraint.'
          : 'Read the fixtures listed in the handbook.',
    }
  },
})
