import { adviseNotch, liftMm, legLengthNeededMm } from '../../fit/index.ts'
import { formatInterval, formatNumber, toInterval, unreachable } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'leg-notch',
  title: 'Leg length and notch',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'First notch long enough to reach the bare floor; out of range the leg cannot be used, and nothing is packed under it.',
  // Out of its range the leg is refused (or asked about) with the place: `place-leg-range`.
  applies: ({ route, position }) => {
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    if (route.leg === undefined) return false
    if (height === undefined) return true
    const { kind } = adviseNotch(route.leg, height)
    return kind === 'notch' || kind === 'between'
  },
  evaluate: ({ route, position, settings }) => {
    const leg = route.leg
    if (leg === undefined) throw new Error('leg-notch applies to routes with a leg only')
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    if (height === undefined) {
      return {
        kind: 'undecided',
        missing: ['position.cushion'],
        reason: () => 'The cushion’s height above the bare floor is not known, so the notch cannot be worked out.',
        remedy: () => 'Take the mat out and measure from the floor to the cushion’s front edge.',
      }
    }
    const advice = adviseNotch(leg, height)
    const needed = formatInterval({ lo: advice.neededMm.lo, hi: advice.neededMm.hi }, 'mm', 0)
    const set = settings.legNotch?.value
    const base = { measured: advice.neededMm, unit: 'mm' } as const
    switch (advice.kind) {
      case 'too-short':
      case 'too-long':
      case 'may-be-out-of-range':
        throw new Error('leg-notch does not judge a leg out of its range')
      case 'notch':
      case 'between': {
        const wanted = advice.kind === 'notch' ? [advice.notch] : advice.notches
        const text = wanted.length === 1 ? `notch ${wanted[0]}` : `notch ${wanted[0]} to ${wanted.at(-1)}`
        if (set === undefined) {
          return {
            ...base,
            kind: 'undecided',
            missing: ['setting.legNotch'],
            reason: () => `Needs a leg of ${needed}: ${text} of ${leg.notches}. What is set is not recorded.`,
            remedy: () => `Set ${text} and record it.`,
          }
        }
        if (wanted.includes(set))
          return { ...base, kind: 'pass', reason: () => `Notch ${set} set; a leg of ${needed} is needed.` }
        const lift = liftMm(leg, set, legLengthNeededMm(leg, height))
        const isShort = lift.hi < 0
        return {
          ...base,
          kind: 'fail',
          reason: () =>
            isShort
              ? `Notch ${set} leaves ${formatNumber(-lift.hi, 0)} mm or more under the foot; ${text} reaches the floor.`
              : `Notch ${set} lifts the base by ${formatNumber(lift.lo, 0)} mm or more; ${text} is long enough.`,
          remedy: () => `Set ${text}.`,
        }
      }
      default:
        return unreachable(advice)
    }
  },
})
