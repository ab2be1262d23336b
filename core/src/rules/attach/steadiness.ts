import { STEADY_WITHIN_MM } from '../../practice/index.ts'
import { lookOutcome } from '../looks.ts'
import { measuredOutcome } from '../measured.ts'
import { allOf } from '../several.ts'
import { defineRule, type FittedSubject } from '../rule.ts'

/** The strict school feels for it; a maker's own figure is measured, and beats the school. */
const isFelt = ({ mode, practice }: FittedSubject): boolean =>
  practice.steadiness === 'nothing-felt' && mode.steadinessMm === undefined
const isMeasured = (s: FittedSubject): boolean => s.noted.includes('steadiness-mm')

export default defineRule({
  id: 'steadiness',
  scope: 'fitted',
  stage: 'attach',
  severity: 'fix',
  source: 'practice',
  limits: { 'movement, to': { value: STEADY_WITHIN_MM, unit: 'mm' } },
  checks: (s) =>
    isFelt(s) ? (isMeasured(s) ? ['steadiness-felt', 'steadiness-mm'] : ['steadiness-felt']) : ['steadiness-mm'],
  applies: ({ mode }) => mode.heldBy !== 'vehicle-belt',
  evaluate: (s) => {
    const own = s.mode.steadinessMm
    const measured = () =>
      measuredOutcome(
        s,
        {
          id: 'steadiness-mm',
          wording: 'at-most',
          limit: own ?? STEADY_WITHIN_MM,
          source: own === undefined ? 'practice' : 'maker',
        },
        { own },
      )
    if (!isFelt(s)) return measured()
    const felt = lookOutcome(s, 'steadiness-felt')
    return isMeasured(s) ? allOf([felt, measured()]) : felt
  },
})
