import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './buckle.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'buckle',
  stage: 'child-in',
  needs: ['sit'],
  changes: ['harness'],
  checks: ['harness-buckle', 'strap-twist', 'slack-mm', 'slack-pinch', 'strap-pressure'],
  isIn: ({ mode }) => isIntegral(mode),
  does: ({ mode }) => (mode.heldBy === 'shield' ? [say('shield')] : [say('tongues'), say('slack-up')]),
})
