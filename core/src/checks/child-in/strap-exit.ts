import { defineCheck } from '../check.ts'

export default defineCheck({
  id: 'strap-exit',
  stage: 'child-in',
  kind: 'options',
  options: {
    'just-below': 'by-rule',
    level: 'by-rule',
    'just-above': 'by-rule',
    'far-off': 'by-rule',
    unsure: 'undecided',
  },
  of: ['harness'],
  puttingRight: ['slack', 'head-position', 'harness-buckle'],
})
