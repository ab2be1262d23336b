import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './connect.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'connect',
  stage: 'attach',
  needs: ['prepare'],
  changes: ['connectors'],
  checks: ['latch-left', 'latch-right', 'tug-left', 'tug-right', 'connector-straps'],
  isIn: ({ route }) => route.isofix !== undefined,
  does: ({ route, position }) => [
    // What it showed before proves the indicator: noted before anything is pushed.
    say('note-before'),
    position.isofix?.bars === 'recessed' && say('recessed'),
    route.isofix?.connectors === 'strap'
      ? say('hook-on', { easier: position.isofix?.easierSide })
      : say('push-on', { easier: position.isofix?.easierSide }),
  ],
})
