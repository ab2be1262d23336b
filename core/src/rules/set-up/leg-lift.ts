import { legLengthNeededMm, liftMm } from '../../fit/index.ts'
import { compare, formatInterval, formatNumber, marginWithin, toInterval } from '../../quantities/index.ts'
import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'leg-lift',
  title: 'Base lifted by the leg',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'A notch longer than needed lifts the base by (L_k − L)·cos ψ, which must stay within what the maker allows; where the maker is silent, the school “gap” decides.',
  applies: ({ route, settings, position, practice }) =>
    route.leg !== undefined &&
    settings.legNotch !== undefined &&
    position.cushion?.frontEdgeAboveFloorMm !== undefined &&
    settings.legNotch.value <= route.leg.notches &&
    (route.leg.maxLiftMm !== undefined || practice.baseGap === 'none'),
  evaluate: ({ route, settings, position }) => {
    const leg = route.leg
    const height = toInterval(position.cushion?.frontEdgeAboveFloorMm)
    const notch = settings.legNotch?.value
    if (leg === undefined || height === undefined || notch === undefined)
      throw new Error('leg-lift needs a leg, a notch and a height')
    const lift = liftMm(leg, notch, legLengthNeededMm(leg, height))
    const own = leg.maxLiftMm
    const limit = own ?? 0
    const kind = compare(lift, 'at-most', limit)
    return {
      kind,
      measured: lift,
      limit,
      unit: 'mm',
      margin: marginWithin(lift, undefined, limit),
      source: own === undefined ? 'practice' : 'maker',
      severity: own === undefined ? 'advise' : 'fix',
      missing: kind === 'undecided' ? ['position.cushion'] : undefined,
      reason: () =>
        `Notch ${notch} lifts the base by ${formatInterval(lift, 'mm', 0)}; ${own === undefined ? 'the maker is silent and your school accepts none' : `the maker allows ${formatNumber(limit, 0)} mm`}.`,
      remedy: () =>
        notch > 1
          ? `The notch below would leave ${formatInterval({ lo: -liftMm(leg, notch - 1, legLengthNeededMm(leg, height)).hi, hi: -liftMm(leg, notch - 1, legLengthNeededMm(leg, height)).lo }, 'mm', 0)} under the foot. Use another place or route, or ask the maker.`
          : 'Use another place or route, or ask the maker.',
    }
  },
})
