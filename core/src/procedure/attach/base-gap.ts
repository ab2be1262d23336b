import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './base-gap.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'base-gap',
  stage: 'attach',
  needs: ['push-home', 'connect'],
  checks: ['gap-behind', 'gap-under'],
  isIn: ({ mode, route }) => route.isofix?.role === 'holds' && isIntegral(mode),
  does: () => [say('no-gap')],
})
