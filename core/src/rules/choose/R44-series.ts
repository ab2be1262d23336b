import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'R44-series',
  title: 'UN R44 series still usable',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  standsOn: 'UN R44: only series 03 and 04 may still be used.',
  applies: ({ mode }) => mode.approval.regulation === 'R44',
  evaluate: ({ mode }) => {
    const isUsable = mode.approval.series === '03' || mode.approval.series === '04'
    return {
      kind: isUsable ? 'pass' : 'fail',
      reason: () => `Approved to UN R44 series ${mode.approval.series}; 03 and 04 may be used.`,
      remedy: () => 'Take it out of use and choose another restraint.',
    }
  },
})
