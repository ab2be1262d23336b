import { adviseNotch } from '../fit/index.ts'
import { formatInterval, formatNumber, toInterval } from '../quantities/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { recommendGuide, recommendInserts, recommendStrap } from './recommend-child.ts'
import { recommendHeadRestraint } from './recommend-car.ts'
import { recommendFrontSeat, recommendRecline } from './recommend-tilt.ts'
import type { Recommendation } from './recommendation.ts'

function recommendNotch(s: FittedSubject): readonly Recommendation[] {
  const leg = s.route.leg
  if (leg === undefined) return []
  const setting = 'legNotch'
  const height = toInterval(s.position.cushion?.frontEdgeAboveFloorMm)
  if (height === undefined) {
    const text = 'Measure the cushion’s front edge above the bare floor first'
    return [{ setting, kind: 'ask', text, because: 'the leg must reach the floor, mat out' }]
  }
  const advice = adviseNotch(leg, height)
  const needed = `a leg of ${formatInterval(advice.neededMm, 'mm', 0)} is needed`
  switch (advice.kind) {
    case 'notch':
      return [
        {
          setting,
          kind: 'set',
          value: advice.notch,
          text: `Notch ${advice.notch} of ${leg.notches}`,
          because: `${needed}; it lifts the base by ${formatInterval(advice.liftMm, 'mm', 0)}`,
        },
      ]
    case 'between':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.notches,
          text: `Notch ${advice.notches[0]} to ${advice.notches.at(-1)}: the first that stands`,
          because: needed,
        },
      ]
    case 'too-short':
    case 'too-long':
    case 'may-be-out-of-range':
      return [
        {
          setting,
          kind: advice.kind === 'may-be-out-of-range' ? 'ask' : 'none',
          text:
            advice.kind === 'may-be-out-of-range'
              ? 'Too close to the leg’s end to tell: measure more closely'
              : `The leg is too ${advice.kind === 'too-short' ? 'short' : 'long'} for this place`,
          because: `${needed}; it goes ${formatNumber(leg.minLengthMm, 0)}–${formatNumber(leg.maxLengthMm, 0)} mm`,
        },
      ]
  }
}

/** What to set before it goes in, in the order it is set; only what this mode and route have. */
export const recommendSettings = (s: FittedSubject): readonly Recommendation[] => [
  ...recommendInserts(s),
  ...recommendRecline(s),
  ...recommendStrap(s),
  ...recommendGuide(s),
  ...recommendNotch(s),
  ...recommendFrontSeat(s),
  ...recommendHeadRestraint(s),
]
