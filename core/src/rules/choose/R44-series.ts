import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './R44-series.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'R44-series',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'regulation',
  applies: ({ mode }) => mode.approval.regulation === 'R44',
  evaluate: ({ mode }) => {
    const isUsable = mode.approval.series === '03' || mode.approval.series === '04'
    return {
      kind: isUsable ? 'pass' : 'fail',
      says: say('judged', { series: mode.approval.series }),
    }
  },
})
