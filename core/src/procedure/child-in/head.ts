import { defineStep } from '../usual-step.ts'

export default defineStep({
  id: 'head',
  stage: 'child-in',
  needs: ['sit', 'buckle'],
  checks: ['head', 'crown-below-edge-mm', 'chin'],
  isIn: () => true,
  does: () => [],
})
