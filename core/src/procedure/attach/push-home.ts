import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './push-home.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'push-home',
  stage: 'attach',
  needs: ['connect'],
  changes: ['base'],
  checks: ['pushed-home', 'rebound-bar'],
  isIn: ({ route }) => route.isofix?.connectors === 'rigid' || route.reboundBar !== undefined,
  does: ({ mode, route }) => [
    route.isofix?.pushedHome === 'any-length'
      ? // Straps have no arms that could stand anywhere.
        route.isofix.connectors === 'rigid' && say('any-length', { isTurning: mode.turns !== undefined })
      : route.isofix?.armsMayRetract
        ? say('thumb-arms')
        : say('push', { what: route.usesBase === true ? 'base' : 'restraint' }),
    route.reboundBar && say(route.reboundBar.hasRatchet ? 'rebound-bar' : 'plain-rebound-bar'),
  ],
})
