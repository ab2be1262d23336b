import { observedRule } from '../observed.ts'
import { sayer } from '../say.ts'
import type en from './leg-contact.en.ts'

const say = sayer<typeof en>()

export default observedRule({
  id: 'leg-contact',
  stage: 'attach',
  source: 'maker',
  checks: ['leg-contact'],
  applies: ({ route }) => route.leg !== undefined,
  byRule: ({ route, position }) => {
    const mayStay = route.leg?.matMayStay === true || position.floor?.matMayStay === true
    return {
      kind: mayStay ? 'pass' : 'fail',
      says: say('judged', { mayStay }),
    }
  },
})
