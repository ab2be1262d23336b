import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'set-recline',
  title: 'Recline position permitted',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'The recline must be on the list that the maker permits for the mode and route; off the list fails whatever the angle.',
  applies: ({ mode }) => (mode.reclines?.length ?? 0) > 0,
  evaluate: ({ mode, route, settings }) => {
    const permitted = route.permittedReclines ?? mode.reclines?.map((r) => r.id) ?? []
    const names = (mode.reclines ?? []).filter((r) => permitted.includes(r.id)).map((r) => r.label)
    const set = settings.recline?.value
    if (set === undefined) {
      return {
        kind: 'undecided',
        missing: ['setting.recline'],
        reason: () => 'The recline position set is not recorded.',
        remedy: () => `Set and record one of: ${names.join(', ')}.`,
      }
    }
    const label = mode.reclines?.find((r) => r.id === set)?.label ?? set
    return {
      kind: permitted.includes(set) ? 'pass' : 'fail',
      reason: () => `Recline “${label}”; permitted here: ${names.join(', ')}.`,
      remedy: () => `Set one of: ${names.join(', ')}.`,
    }
  },
})
