import { tetherUseAt } from '../../fit/index.ts'
import { HELD } from '../held.ts'
import { defineStep, stepSayer } from '../usual-step.ts'
import type en from './tether.en.ts'

const say = stepSayer<typeof en>()

export default defineStep({
  id: 'tether',
  stage: 'attach',
  // A tether hangs on the shell, so the shell stands on its base first.
  needs: [...HELD, 'leg', 'shell'],
  changes: ['tether'],
  checks: ['tether-used', 'tether-point', 'tether-flat', 'tether-indicator-mm'],
  isIn: ({ route, position }) => tetherUseAt(route, position) !== undefined,
  title: ({ route }) => (route.topTether?.use === 'optional' ? say('advised') : undefined),
  does: ({ route, position }) => [
    position.tether && position.tether.where !== 'none' && say('anchorage', { where: position.tether.where }),
    position.tether?.note && say('note', { text: position.tether.note }),
    route.topTether?.headRestraintPath &&
      route.topTether.headRestraintPath !== 'free' &&
      say('path', { path: route.topTether.headRestraintPath }),
    say('hook'),
  ],
})
