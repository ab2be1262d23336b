import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './coat-test.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'coat-test',
  stage: 'child-in',
  needs: ['buckle'],
  checks: ['coat-hides-mm'],
  isIn: ({ look }) => look('coat').reading?.option === 'coat',
  does: () => [say('with-and-without')],
})
