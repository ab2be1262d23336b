import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'posture-specialist',
  title: 'Medical posture needs',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'practice',
  standsOn: 'A child with medical posture needs is fitted by a specialist, not by this aid.',
  applies: () => true,
  evaluate: ({ child }) => {
    const needs = child.needsPostureSpecialist
    return {
      kind: needs === undefined ? 'undecided' : needs ? 'fail' : 'pass',
      missing: needs === undefined ? ['child.needsPostureSpecialist'] : undefined,
      reason: () =>
        needs === undefined
          ? 'Nobody has asked yet about medical posture needs.'
          : needs
            ? 'The child has medical posture needs.'
            : 'No medical posture needs.',
      remedy: () => (needs ? 'Stop here and refer to a specialist.' : 'Ask the carer.'),
    }
  },
})
