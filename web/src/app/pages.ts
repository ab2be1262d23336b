/** The pages that stand beside the fittings: in the header, the palette and on keys. */
export const PAGES = [
  { path: '/', label: 'Today', key: 't' },
  { path: '/families', label: 'Families', key: 'm' },
  { path: '/vehicles', label: 'Vehicles', key: 'g' },
  { path: '/restraints', label: 'Restraints', key: 'r' },
  { path: '/logbook', label: 'Logbook', key: 'q' },
  { path: '/rules', label: 'Rule book', key: 'b' },
  { path: '/settings', label: 'Settings', key: 's' },
  { path: '/people', label: 'People', key: 'a' },
] as const
