import { unreachable, type Decision } from '../../quantities/index.ts'
import { isISizeAtISize } from '../listing.ts'
import { factOutcome } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-leg-floor',
  title: 'Floor may bear a leg',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn: 'A leg stands on a solid floor, or on a box only where the vehicle maker allows it filled or propped.',
  applies: ({ route }) => route.leg !== undefined,
  evaluate: (s) => {
    const { position } = s
    const permitted = position.handbook?.table?.legPermitted
    if (permitted === false) {
      return {
        kind: 'fail',
        reason: () => 'The handbook permits no leg at this place.',
        remedy: () => 'Use another place, or a route without a leg.',
      }
    }
    // Every i-Size place bears a leg; the newer table says it in so many words.
    if (position.floor === undefined && (permitted === true || isISizeAtISize(s))) {
      return {
        kind: 'pass',
        reason: () =>
          permitted === true
            ? 'The handbook permits a leg at this place.'
            : 'An i-Size place bears a leg; the handbook says nothing else.',
      }
    }
    return factOutcome(
      position.floor?.kind,
      'position.floor',
      'what is under the floor where the leg lands',
      (floor): { kind: Decision; reason: string; remedy: string } => {
        const remedy = 'Use a place with a solid floor, or a route without a leg.'
        switch (floor) {
          case 'solid':
            return { kind: 'pass', reason: 'The floor is solid.', remedy }
          case 'box-allowed-when-propped':
            return {
              kind: 'pass',
              reason:
                'The floor box may bear a leg when it is filled or propped as the handbook says; that is looked at in the car.',
              remedy,
            }
          case 'box-not-allowed':
            return { kind: 'fail', reason: 'There is a storage box under the floor that may not bear a leg.', remedy }
          case 'none':
            return { kind: 'fail', reason: 'There is no floor for a leg at this place.', remedy }
          default:
            return unreachable(floor)
        }
      },
    )
  },
})
