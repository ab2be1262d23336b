import { rangeOutcome } from '../outcomes.ts'
import { defineRule, rangeBounds } from '../rule.ts'
import { LINT_LIMITS, type Mode } from '../../restraint/index.ts'

const floorOf = (mode: Mode): number =>
  mode.shape === 'booster-cushion' ? LINT_LIMITS.cushionFromCm : LINT_LIMITS.r129BoosterFromCm

export default defineRule({
  id: 'R129-booster-floor',
  title: 'Booster from 100 cm, cushion from 125 cm',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn:
    'UN R129: a booster with a back from 100 cm, a cushion from 125 cm, whatever the mode’s own range says; 100.0 and 125.0 themselves may.',
  limits: {
    'booster with a back, from': { value: LINT_LIMITS.r129BoosterFromCm, unit: 'cm' },
    'cushion, from': { value: LINT_LIMITS.cushionFromCm, unit: 'cm' },
  },
  applies: ({ mode }) => mode.approval.regulation === 'R129' && mode.heldBy === 'vehicle-belt',
  bounds: ({ mode }) => rangeBounds('statureCm', floorOf(mode)),
  evaluate: ({ mode, statureCm }) =>
    rangeOutcome({
      what: 'Stature',
      unit: 'cm',
      measured: statureCm,
      from: floorOf(mode),
      need: 'child.statureCm',
      stated: mode.shape === 'booster-cushion' ? 'the floor for a cushion' : 'the floor for a booster',
      remedyBelow:
        mode.shape === 'booster-cushion' ? 'Use a booster with a back, or a harness.' : 'Stay in the harness.',
      remedyAbove: '',
    }),
})
