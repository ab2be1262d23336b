import { isIntegral } from '../../restraint/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import { carSideOf } from '../../vehicle/index.ts'
import type en from './lock-belt.en.ts'

const say = stepSayer<typeof en>()

/** Locks that hold a belt which by itself holds only in the crash. */
const HOLDS_BY_LOCK: ReadonlySet<string> = new Set(['lock-off', 'locking-clip', 'switchable-retractor'])

export default defineStep({
  id: 'lock-belt',
  stage: 'attach',
  needs: ['thread-belt'],
  // The buckle stands where the tightened belt pulls it: it is measured then, not before.
  checks: ['belt-tension', 'belt-locked', 'locking-clip', 'buckle-above-edge-mm', 'buckle-clear'],
  isIn: ({ mode, route }) => route.belt !== undefined && isIntegral(mode),
  does: ({ mode, route, position }) => [
    say('weight', { direction: mode.direction }),
    route.belt?.path.every((guide) => guide.section === 'lap') && route.belt.needs !== 'three-point'
      ? say('pull-lap')
      : say('pull-up'),
    route.belt &&
      say('lock', {
        lock: route.belt.lock,
        carSide: route.belt.lock.kind === 'lock-off' ? carSideOf(route.belt.lock.side, position) : undefined,
      }),
    route.belt && HOLDS_BY_LOCK.has(route.belt.lock.kind) && say('why'),
  ],
})
