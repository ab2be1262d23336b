import { adviseNotch, liftMm, legLengthNeededMm } from '../../fit/index.ts'
import { toInterval } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './leg-notch.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'leg-notch',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
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
        missing: ['position.cushionHeightMm'],
        says: say('unknown-cushion'),
      }
    }
    const advice = adviseNotch(leg, height)
    const needed = advice.neededMm
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
        if (set === undefined) {
          return {
            ...base,
            kind: 'undecided',
            // Between notches the height tells which of them, once it is measured more closely.
            missing:
              advice.kind === 'between' ? ['position.cushionHeightMm', 'setting.legNotch'] : ['setting.legNotch'],
            says: say('not-recorded', { needed, wanted, of: leg.notches }),
          }
        }
        if (wanted.includes(set)) return { ...base, kind: 'pass', says: say('pass', { set, needed }) }
        const lift = liftMm(leg, set, legLengthNeededMm(leg, height))
        const isShort = lift.hi < 0
        return {
          ...base,
          kind: 'fail',
          says: say('other', { isShort, set, lift, wanted }),
        }
      }
      default:
        return unreachable(advice)
    }
  },
})
