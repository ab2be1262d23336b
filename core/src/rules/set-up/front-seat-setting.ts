import { isBehindDriver } from '../../fit/index.ts'
import { compare, toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './front-seat-setting.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'front-seat-setting',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  applies: ({ settings, position }) =>
    settings.frontSeatGapMm !== undefined &&
    (position.frontSeatRangeMm !== undefined || position.frontClearanceMm !== undefined),
  evaluate: ({ settings, position, vehicle }) => {
    const set = settings.frontSeatGapMm?.value
    if (set === undefined) throw new Error('front-seat-setting applies where the seat in front is set')
    const range = position.frontSeatRangeMm
    const isOnTrack = range === undefined || (set >= range.fullyBackMm && set <= range.fullyForwardMm)
    if (!isOnTrack && range !== undefined) {
      return {
        kind: 'fail',
        says: say('fail', { set, fullyBackMm: range.fullyBackMm, fullyForwardMm: range.fullyForwardMm }),
      }
    }
    const tallest = toInterval(position.frontClearanceMm)
    if (tallest === undefined) return { kind: 'pass', says: say('pass', { set }) }
    const tall = compare({ lo: set - tallest.hi, hi: set - tallest.lo }, 'at-most', 0)
    const isDriver = isBehindDriver(vehicle, position)
    return {
      // Within the measurement of the driver's own setting it is that setting.
      kind: tall === 'fail' ? 'fail' : 'pass',
      severity: isDriver ? 'fix' : 'advise',
      measured: { lo: set, hi: set },
      limit: tallest.hi,
      unit: 'mm',
      margin: tallest.hi - set,
      says: say('judged', { set, tallest, tall, isDriver }),
    }
  },
})
