import { tethersHoldToMovingFrame } from '../../casefile/index.ts'
import type { Route } from '../../restraint/index.ts'
import type { SeatingPosition } from '../../vehicle/index.ts'
import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './lower-tethers.en.ts'

const say = stepSayer<typeof en>()

/** The first point on each side that the maker permits; nothing where the car lacks one, or nobody has looked. */
function hookedTo(lowerTethers: Route['lowerTethers'], { lowerTetherPoints = [] }: SeatingPosition) {
  const permitted: readonly string[] = lowerTethers?.points ?? []
  const at = (side: 'left' | 'right') =>
    lowerTetherPoints.find((p) => p.side === side && permitted.includes(p.kind))?.kind
  const [left, right] = [at('left'), at('right')]
  return left !== undefined && right !== undefined && say('hook', { left, right })
}

export default defineStep({
  id: 'lower-tethers',
  stage: 'attach',
  needs: [...HELD, 'leg'],
  // On a frame that moves with the front seat they would slacken with it: the seat stands first.
  needsHere: ({ route, position }) => (tethersHoldToMovingFrame(route, position) ? ['front-seat'] : []),
  checks: ['lower-tethers-used', 'lower-tethers'],
  isIn: ({ route }) => route.lowerTethers !== undefined,
  does: ({ route: { lowerTethers }, position }) => [
    hookedTo(lowerTethers, position),
    lowerTethers?.lead === 'crossed'
      ? say('crossed')
      : lowerTethers?.lead === 'straight'
        ? say('straight')
        : say('cross-where-curved'),
    lowerTethers?.lengthMm !== undefined && say('length', { lengthMm: lowerTethers.lengthMm }),
    say('clear-of-wiring'),
    say('tighten'),
  ],
})
