import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-two-adjacent',
  title: 'Two adjacent places',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn: 'A lateral carry-cot lies across two adjacent forward-facing places, the head away from the door.',
  applies: ({ route }) => route.seatsTaken === 2,
  evaluate: ({ position, vehicle }) => {
    const neighbour = vehicle.positions.find(
      (p) =>
        p.id !== position.id &&
        p.row === position.row &&
        !p.isDriverSeat &&
        p.facing === 'forward' &&
        Math.abs(p.lateralCentreMm - position.lateralCentreMm) <= 520,
    )
    return {
      kind: neighbour ? 'pass' : 'fail',
      reason: () =>
        neighbour
          ? `Lies across ${position.label} and ${neighbour.label}.`
          : 'There is no second place next to this one.',
      remedy: () => 'Use a row with two adjacent places.',
    }
  },
})
