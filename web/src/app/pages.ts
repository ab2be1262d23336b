import * as msg from './messages.en.ts'
/** The pages that stand beside the fittings: in the header, the palette and on keys. */
export const PAGES = [
  { path: '/', label: msg.today, key: 't' },
  { path: '/families', label: msg.families, key: 'm' },
  { path: '/vehicles', label: msg.vehicles, key: 'g' },
  { path: '/restraints', label: msg.restraints, key: 'r' },
  { path: '/logbook', label: msg.logbook, key: 'q' },
  { path: '/rules', label: msg.ruleBook, key: 'b' },
  { path: '/settings', label: msg.settings, key: 's' },
  { path: '/people', label: msg.people, key: 'a' },
] as const
