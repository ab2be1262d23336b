/** What each job on a restraint is called; here because a unit names the one whose checks it awaits. */
export const JOB_TITLE = {
  'take-out': 'Take it out of the car',
  convert: 'Convert it to another mode',
  'insert-out': 'Take an insert out',
  wash: 'Cover off, wash, back on',
  'twisted-strap': 'Untwist a strap',
  'sticky-buckle': 'Clear a sticky buckle',
  'after-crash': 'After a crash',
  'empty-booster': 'Secure an empty booster',
  'hand-back': 'Back to the shelf',
} as const

/** The same of a stored job; a file from elsewhere may name one that is not known here. */
export const jobTitle = (job: string): string =>
  Object.hasOwn(JOB_TITLE, job) ? JOB_TITLE[job as keyof typeof JOB_TITLE] : job.replaceAll('-', ' ')
