import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './lock-belt.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'lock-belt',
  stage: 'attach',
  needs: ['thread-belt'],
  checks: ['belt-locked', 'belt-tension', 'locking-clip'],
  isIn: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  does: ({ route }) => [say('pull-slack'), route.belt && say('lock', route.belt.lock)],
})
