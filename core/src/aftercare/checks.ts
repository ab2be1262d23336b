import type { JobCheck } from './job.ts'

/** The checks that jobs end in; each can be answered with "cannot tell", which settles nothing. */

const check = (id: string, label: string, how: string, good: string, bad: string, remedy: string): JobCheck => ({
  id,
  label,
  how,
  options: [
    { id: 'good', label: good, means: 'pass' },
    { id: 'bad', label: bad, means: 'fail' },
    { id: 'unsure', label: 'cannot tell', means: 'undecided' },
  ],
  remedy,
})

export const RETHREADED = check(
  'rethreaded', 'Straps through the shell',
  'Look at front and back: both straps through the same height, over every bar, flat, cover slots in line with them.',
  'same height, flat, over every bar', 'uneven, twisted or past a bar',
  'Unthread the strap and lead it again as the manual draws it, both sides alike.',
) // prettier-ignore
export const BUCKLE_HOLDS = check(
  'buckle-holds', 'Harness buckle',
  'Both tongues in, a click, pull at each; press, and both spring out.',
  'clicks, holds, and lets go', 'sticks, or a tongue comes loose',
  'Rinse with plain water and dry fully; if it still sticks, the restraint is not used.',
) // prettier-ignore
export const ADJUSTER_HOLDS = check(
  'adjuster-holds', 'Harness adjuster',
  'Tighten, then pull hard at both shoulder straps: they must not slip.',
  'holds', 'slips',
  'Clean the adjuster as the manual says; if it still slips, the restraint is not used.',
) // prettier-ignore
export const ALL_PARTS_BACK = check(
  'all-parts-back', 'Nothing left over',
  'No foam, clip, strap or plate is left on the bench.',
  'nothing left over', 'a part is left over',
  'Open the manual at the parts drawing and find where it belongs before anything else.',
) // prettier-ignore
export const STRAP_FLAT = check(
  'strap-flat', 'Strap flat',
  'Run a finger down the strap from shell to tongue.',
  'flat all the way', 'still a turn in it',
  'Fold the strap to a triangle just above the tongue and slide the tongue back over the fold.',
) // prettier-ignore
export const HARNESS_AWAY = check(
  'harness-away', 'Harness out of the way',
  'Push a hand over the seat and the back: no buckle, tongue or strap under the child or in the belt’s path.',
  'stowed, or in its bag', 'something lies in the way',
  'Stow it as the manual shows; what comes off goes into its bag with the manual.',
) // prettier-ignore
export const DIRECTION_SET = check(
  'direction-set', 'Direction',
  'The shell stands in the new direction and does not turn on; the guard for it is set.',
  'set and locked', 'turns, or the guard is not set',
  'Turn it until it locks; set the guard as the manual shows.',
) // prettier-ignore
export const INSERT_STORED = check(
  'insert-stored', 'Insert',
  'The piece is out, and what stays in lies flat.',
  'out, the rest flat', 'a piece left in or rucked up',
  'Take the whole piece out and lay the cover flat.',
) // prettier-ignore
export const CAR_AS_FOUND = check(
  'car-as-found', 'The car as it was found',
  'Head restraint back on, belt wound in, front seat back, airbag on where an adult sits, mat down.',
  'all as found', 'something is left to do',
  'Put back what is missing; a seat without its head restraint is not for an adult either.',
) // prettier-ignore
export const MARKED_UNFIT = check(
  'marked-unfit', 'Marked not to be used',
  'A label on the shell, and the straps cut or tied, so that nobody takes it off the shelf.',
  'marked and set apart', 'not yet',
  'Mark it now: nobody else can see that it was in a crash.',
) // prettier-ignore
export const EMPTY_HELD = check(
  'empty-held', 'Held while empty',
  'Buckled in with the car’s belt or latched on its connectors; it does not move when pulled.',
  'held', 'loose',
  'Buckle it in, or put it in the load space.',
) // prettier-ignore
export const CLEAN = check('clean', 'Clean and dry', 'No crumbs in buckle and slots, cover dry.', 'clean and dry', 'needs cleaning', 'Begin “Cover off, wash, back on”.') // prettier-ignore
export const SOUND = check(
  'sound', 'Undamaged',
  'No crack in shell or base, no frayed strap, indicators move, label can be read.',
  'undamaged', 'damaged',
  'Take it out of use and set it apart.',
) // prettier-ignore
export const PARTS_COUNTED = check(
  'parts-counted', 'Parts counted',
  'Count against the list above.',
  'all there', 'something is missing',
  'Look in the car first. Until it is found the restraint is not complete and is not used.',
) // prettier-ignore
