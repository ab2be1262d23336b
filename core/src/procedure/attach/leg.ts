import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './leg.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'leg',
  stage: 'attach',
  needs: HELD,
  changes: ['legNotch'],
  checks: ['floor-box', 'leg-contact', 'leg-indicator'],
  isIn: ({ route }) => route.leg !== undefined,
  does: ({ route, position, settings }) => [
    position.floor?.kind === 'box-allowed-when-propped' && say('floor-box'),
    say('lower', { notch: settings.legNotch?.value, of: route.leg?.notches }),
    say('pack-nothing'),
  ],
})
