import { isBehindDriver } from '../../fit/index.ts'
import { compare, formatInterval, formatNumber, toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'front-seat-setting',
  title: 'Seat in front where it can stand',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'practice',
  standsOn:
    'The seat in front stays on its track, and a driver’s seat no further forward than its tallest driver can drive with: a seat moved back later presses on the shell.',
  applies: ({ settings, position }) =>
    settings.frontSeatGapMm !== undefined &&
    (position.frontSeatRangeMm !== undefined || position.frontClearanceMm !== undefined),
  evaluate: ({ settings, position, vehicle }) => {
    const set = settings.frontSeatGapMm?.value
    if (set === undefined) throw new Error('front-seat-setting applies where the seat in front is set')
    const range = position.frontSeatRangeMm
    const isOnTrack = range === undefined || (set >= range.fullyBackMm && set <= range.fullyForwardMm)
    const shown = `${formatNumber(set, 0)} mm from the backrest`
    if (!isOnTrack && range !== undefined) {
      return {
        kind: 'fail',
        reason: () =>
          `The seat in front is said to stand ${shown}; it goes from ${formatNumber(range.fullyBackMm, 0)} to ${formatNumber(range.fullyForwardMm, 0)} mm.`,
        remedy: () => 'Measure again, or choose another recline or place.',
      }
    }
    const tallest = toInterval(position.frontClearanceMm)
    if (tallest === undefined) return { kind: 'pass', reason: () => `The seat in front stands ${shown}, on its track.` }
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
      reason: () =>
        `The seat in front stands ${shown}; its tallest user has it at ${formatInterval(tallest, 'mm', 0)}${tall === 'fail' ? ', further back' : ''}.`,
      remedy: () =>
        isDriver
          ? 'The tallest driver cannot drive so: choose a more upright recline or another place.'
          : 'Tell the carer that this seat stays where it is, and stays empty if its user does not fit.',
    }
  },
})
