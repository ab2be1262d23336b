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
  does: ({ position }) => [
    position.isofix?.bars === 'recessed' && say('recessed'),
    say('push-on', { easier: position.isofix?.easierSide }),
    say('note-before'),
  ],
})
