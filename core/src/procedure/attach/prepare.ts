import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './prepare.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'prepare',
  stage: 'attach',
  needs: ['before', 'airbag', 'front-place'],
  checks: ['old-padding'],
  isIn: () => true,
  does: ({ mode, route, position }) => [
    say('books'),
    ...(route.settingsBeforePlacing ?? []).map((text) => say('set-now', { text })),
    mode.direction === 'rearward' && position.row > 1 && say('seat-forward'),
    route.isofix?.connectors === 'rigid' && say('connectors-out'),
    route.childFirst && say('child-first'),
    route.leg &&
      (route.leg.matMayStay === true || position.floor?.matMayStay === true
        ? say('leg-on-mat')
        : position.floor?.matRemovable === false
          ? say('leg-mat-fixed')
          : say('leg-mat-out')),
    position.row === 1 &&
      position.slidingTrack?.handbookSetting &&
      say('as-written', { text: position.slidingTrack.handbookSetting }),
  ],
})
