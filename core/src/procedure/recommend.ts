import { adviseNotch } from '../fit/index.ts'
import { oncePer } from '../ground/index.ts'
import { formatInterval, formatNumber, toInterval } from '../quantities/index.ts'
import type { FittedSubject } from '../rules/index.ts'
import { recommendGuide, recommendInserts, recommendStrap } from './recommend-child.ts'
import { recommendHeadRestraint } from './recommend-car.ts'
import { recommendFrontSeat, recommendRecline } from './recommend-tilt.ts'
import type { Recommendation } from './recommendation.ts'
import * as msg from './messages.en.ts'

function recommendNotch(s: FittedSubject): readonly Recommendation[] {
  const leg = s.route.leg
  if (leg === undefined) return []
  const setting = 'legNotch'
  const height = toInterval(s.position.cushion?.frontEdgeAboveFloorMm)
  if (height === undefined) {
    const text = msg.measureTheCushionsFrontEdge
    return [{ setting, kind: 'ask', text, because: msg.theLegMustReachThe }]
  }
  const advice = adviseNotch(leg, height)
  const needed = msg.aLegOfIsNeeded(formatInterval(advice.neededMm, 'mm', 0))
  switch (advice.kind) {
    case 'notch':
      return [
        {
          setting,
          kind: 'set',
          value: advice.notch,
          text: msg.notchOf(advice.notch, leg.notches),
          because: msg.itLiftsTheBaseBy(needed, formatInterval(advice.liftMm, 'mm', 0)),
        },
      ]
    case 'between':
      return [
        {
          setting,
          kind: 'choose',
          values: advice.notches,
          text: msg.firstThatStands(advice.notches),
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
              ? msg.tooCloseToTheLegs
              : msg.theLegIsTooFor(advice.kind === 'too-short' ? 'short' : msg.long),
          because: msg.itGoesMm(needed, formatNumber(leg.minLengthMm, 0), formatNumber(leg.maxLengthMm, 0)),
        },
      ]
  }
}

/** What to set before it goes in, in the order it is set; only what this mode and route have. */
export const recommendSettings = oncePer((s: FittedSubject): readonly Recommendation[] => [
  ...recommendInserts(s),
  ...recommendRecline(s),
  ...recommendStrap(s),
  ...recommendGuide(s),
  ...recommendNotch(s),
  ...recommendFrontSeat(s),
  ...recommendHeadRestraint(s),
])
