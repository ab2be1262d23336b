import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './unit-awaits-check.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'unit-awaits-check',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  applies: ({ unit }) => unit?.awaitsCheck !== undefined,
  evaluate: ({ unit }) => {
    const { job = '', since } = unit?.awaitsCheck ?? {}
    return {
      kind: 'fail',
      says: say('fail', { serial: unit?.serial, job, since }),
    }
  },
})
