import { compare, formatInterval, formatNumber, toInterval } from '../../quantities/index.ts'
import { isIntegral } from '../../restraint/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-belt-length',
  title: 'Belt long enough for its path',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'What the route’s path needs must not exceed the usable belt, with the tongue latched and the lock-off closed.',
  applies: ({ route }) => route.belt !== undefined,
  evaluate: (s) => {
    const { route, position, mode } = s
    const usable = toInterval(position.belt?.usableLengthMm)
    const needed = route.belt?.requiredLengthMm
    if (usable === undefined || needed === undefined) {
      // A belt that nobody has measured is proved in the car: it buckles and locks, or it does not.
      return untilSeen(s, {
        need: 'position.belt',
        check: !isIntegral(mode)
          ? 'belt-buckle'
          : route.belt?.lock.kind === 'tension-only'
            ? 'belt-tension'
            : 'belt-locked',
        what: 'Whether the belt is long enough for its path',
        remedy: 'Thread it and see that it buckles with the tongue latched; no extender.',
      })
    }
    const kind = compare(usable, 'at-least', needed)
    return {
      kind,
      measured: usable,
      limit: needed,
      wording: 'at-least',
      unit: 'mm',
      margin: usable.lo - needed,
      missing: kind === 'undecided' ? ['position.belt'] : undefined,
      reason: () =>
        `The path needs ${formatNumber(needed, 0)} mm of belt; this belt has ${formatInterval(usable, 'mm', 0)}${kind === 'undecided' ? ': too close to tell' : ''}.`,
      remedy: () =>
        kind === 'undecided'
          ? 'Measure the belt more closely, or thread it and see.'
          : 'The belt is too short for this path: another place, route or restraint. No extender.',
    }
  },
})
