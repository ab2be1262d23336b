/** What comes with a restraint and stands in no list of its parts. */
export const PART_NAME = {
  wedge: 'Wedge',
  clip: 'Locking clip in its bag',
  manual: 'Manual',
  label: 'Label that can be read',
} as const
