import { isIntegral } from '../../restraint/index.ts'
import { defineStep } from '../usual-step.ts'

export default defineStep({
  id: 'knees',
  stage: 'child-in',
  needs: ['sit'],
  checks: ['knees'],
  isIn: ({ mode }) => !isIntegral(mode),
  does: () => [],
})
