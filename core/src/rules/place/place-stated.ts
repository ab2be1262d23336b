import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './place-stated.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'place-stated',
  scope: 'place',
  stage: 'place',
  severity: 'fix',
  source: 'vehicle',
  applies: ({ position }) => position.row > 1,
  evaluate: ({ position }) => {
    const { slidingTrack } = position
    const isOpen = slidingTrack === undefined && !position.without?.includes('slidingTrack')
    const needsSetting = slidingTrack !== undefined && slidingTrack.handbookSetting === undefined
    return outcomeOf(isOpen || needsSetting ? 'undecided' : 'pass', ['position.slidingTrack'], {
      says: say('judged', {
        isOpen,
        needsSetting,
        slides: slidingTrack !== undefined,
        handbookSetting: slidingTrack?.handbookSetting,
      }),
    })
  },
})
