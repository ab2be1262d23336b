import type { FittedSubject } from '../../rules/index.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import { doorSideOf } from '../../vehicle/index.ts'
import type en from './turn-and-lock.en.ts'

const say = stepSayer<typeof en>()

const doorPod = (position: FittedSubject['position']) => {
  const side = doorSideOf(position)
  return side === undefined ? say('pods-in-the-middle') : say('pod-out', { side })
}

export default defineStep({
  id: 'turn-and-lock',
  stage: 'child-in',
  needs: ['buckle', 'head', 'coat-test'],
  changes: ['turned'],
  checks: ['turn-lock', 'forward-guard', 'side-pod'],
  isIn: ({ mode }) => mode.turns !== undefined || mode.sidePod === true,
  title: ({ mode }) => (mode.turns ? undefined : say('side-pod')),
  does: ({ mode, position }) => [
    mode.turns && say('turn', { direction: mode.direction }),
    mode.sidePod === true && doorPod(position),
  ],
})
