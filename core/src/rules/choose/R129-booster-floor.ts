import { LAW } from '../../law/index.ts'
import { rangeOutcome } from '../ranges.ts'
import { defineRule, rangeBounds } from '../rule.ts'
import { type Mode } from '../../restraint/index.ts'

const floorOf = (mode: Mode): number => (mode.shape === 'booster-cushion' ? LAW.cushionFromCm : LAW.r129BoosterFromCm)

export default defineRule({
  id: 'R129-booster-floor',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  limits: {
    'booster with a back, from': { value: LAW.r129BoosterFromCm, unit: 'cm' },
    'cushion, from': { value: LAW.cushionFromCm, unit: 'cm' },
  },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.heldBy === 'vehicle-belt',
  bounds: ({ mode }) => rangeBounds('statureCm', floorOf(mode)),
  evaluate: ({ mode, statureCm }) =>
    rangeOutcome(
      {
        unit: 'cm',
        measured: statureCm,
        from: floorOf(mode),
        need: 'child.statureCm',
      },
      { shape: mode.shape },
    ),
})
