import { lintMode } from '../../readings/index.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './catalogue-sound.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'catalogue-sound',
  scope: 'mode',
  stage: 'choose',
  severity: 'fix',
  source: 'regulation',
  applies: ({ model, mode }) => lintMode(model, mode).length > 0,
  evaluate: ({ model, mode }) => ({
    kind: 'undecided',
    missing: ['unit.catalogueEntry'],
    says: say('contradicts', { lints: lintMode(model, mode).map((l) => l.message) }),
  }),
})
