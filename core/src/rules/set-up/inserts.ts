import { adviseInserts } from '../../fit/index.ts'
import { defineRule, type Need } from '../rule.ts'

export default defineRule({
  id: 'inserts',
  title: 'Inserts in or out',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Each insert piece is required until, and allowed until, the limits the maker gives; the limit itself counts as reached.',
  applies: ({ mode }) => (mode.inserts?.length ?? 0) > 0,
  evaluate: (s) => {
    const advice = adviseInserts(s.mode, s)
    const set = s.settings.insertsIn?.value
    const mustIn = advice.filter((a) => a.use === 'must').map((a) => a.insert)
    const mustOut = advice.filter((a) => a.use === 'must-not').map((a) => a.insert)
    const wanted = [
      ...mustIn.map((i) => `${i.name} in`),
      ...mustOut.map((i) => `${i.name} out`),
      ...advice.filter((a) => a.use === 'may').map((a) => `${a.insert.name} as you judge`),
    ].join(', ')
    if (set === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.insertsIn'],
        reason: () => `Which inserts are in is not recorded${wanted ? `; for this child: ${wanted}` : ''}.`,
        remedy: () => 'Record which inserts are in.',
      }
    }
    const wrong = [
      ...mustIn.filter((i) => !set.includes(i.id)).map((i) => `put ${i.name} in`),
      ...mustOut.filter((i) => set.includes(i.id)).map((i) => `take ${i.name} out`),
    ]
    if (wrong.length > 0) {
      return {
        kind: 'fail',
        reason: () => `For this child: ${wanted}.`,
        remedy: () => `${wrong.join('; ')}.`.replace(/^./, (c) => c.toUpperCase()),
      }
    }
    // One that is in has only to be allowed, one that is out only not required.
    const open = advice.filter(
      (a) => a.use === 'ask' && (set.includes(a.insert.id) ? a.isAllowed !== 'pass' : a.isRequired !== 'fail'),
    )
    if (open.length > 0) {
      const missing: Need[] = []
      for (const { insert } of open) {
        for (const until of [insert.requiredUntil, insert.allowedUntil]) {
          if (until?.massKg !== undefined) missing.push('child.massKg')
          if (until?.statureCm !== undefined) missing.push('child.statureCm')
          if (until?.ageMonths !== undefined) missing.push('child.ageMonths')
        }
      }
      return {
        kind: 'undecided',
        missing: [...new Set(missing)],
        reason: () =>
          `Whether ${open.map((a) => a.insert.name).join(', ')} belongs in depends on a measure that is missing or too close to its limit.`,
        remedy: () => 'Measure the child more closely.',
      }
    }
    return { kind: 'pass', reason: () => `Inserts as the maker asks${wanted ? `: ${wanted}` : ''}.` }
  },
})
