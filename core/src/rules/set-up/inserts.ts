import type { InsertAdvice } from '../../fit/index.ts'
import { adviseInserts } from '../../fit/index.ts'
import { insertNeeds } from '../insert-needs.ts'
import { defineRule } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './inserts.en.ts'

const say = sayer<typeof en>()

export default defineRule({
  id: 'inserts',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  applies: ({ mode }) => (mode.inserts?.length ?? 0) > 0,
  evaluate: (s) => {
    const advice = adviseInserts(s.mode, s)
    const set = s.settings.insertsIn?.value
    const mustIn = advice.filter((a) => a.use === 'must').map((a) => a.insert)
    const mustOut = advice.filter((a) => a.use === 'must-not').map((a) => a.insert)
    const names = (use: InsertAdvice['use']) => advice.filter((a) => a.use === use).map((a) => a.insert.name)
    const wanted = { in: names('must'), out: names('must-not'), free: names('may') }
    if (set === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.insertsIn'],
        says: say('not-recorded', { wanted }),
      }
    }
    const putIn = mustIn.filter((i) => !set.includes(i.id)).map((i) => i.name)
    const takeOut = mustOut.filter((i) => set.includes(i.id)).map((i) => i.name)
    if (putIn.length + takeOut.length > 0) return { kind: 'fail', says: say('wrong', { wanted, putIn, takeOut }) }
    // One that is in has only to be allowed, one that is out only not required.
    const open = advice.filter(
      (a) => a.use === 'ask' && (set.includes(a.insert.id) ? a.isAllowed !== 'pass' : a.isRequired !== 'fail'),
    )
    if (open.length > 0) {
      return {
        kind: 'undecided',
        missing: insertNeeds(open),
        says: say('depends', { names: open.map((a) => a.insert.name) }),
      }
    }
    return { kind: 'pass', says: say('as-asked', { wanted }) }
  },
})
