import { directionChangeOf, type Mode } from '../../restraint/index.ts'
import type { JobContext } from '../context.ts'
import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './convert.en.ts'

const say = jobSayer<typeof en>()

export default ({ model, mode, toMode }: JobContext): readonly JobLine[] => {
  const isBooster = (m: Mode | undefined): boolean => m?.heldBy === 'vehicle-belt'
  const harnessAway = !isBooster(mode) && isBooster(toMode)
  const harnessBack = isBooster(mode) && !isBooster(toMode)
  const change = mode?.direction === toMode?.direction ? undefined : directionChangeOf(model)
  const turns = change !== undefined
  // A shell that turns on its base stays in the car, unless the harness goes or comes with it.
  const staysIn = change === 'turns-on-base' && !harnessAway && !harnessBack
  return linesOf([
    say('manual', { label: toMode?.label }),
    !staysIn && (change === 'lifts-off' && !harnessAway && !harnessBack ? say('off-its-base') : say('out-of-car')),
    harnessAway && say('loosen'),
    (mode?.inserts?.length ?? 0) > 0 && harnessAway && say('inserts'),
    harnessAway && say('unthread'),
    harnessAway && say('stow'),
    harnessAway && { ...say('bag'), pairedWith: 'unthread' },
    harnessAway && say('head-up'),
    harnessBack && say('fetch'),
    harnessBack && say('thread'),
    harnessBack && { ...say('hang'), pairedWith: 'fetch' },
    harnessBack && say('crotch'),
    change === 'turns-on-base' && say('turn', { direction: toMode?.direction }),
    change === 'lifts-off' && say('set-round', { direction: toMode?.direction }),
    (change === 're-installed' || change === 'unknown') && say('anew', { direction: toMode?.direction }),
    turns && say('recline'),
    turns && !isBooster(toMode) && say('straps'),
    turns && change !== 'turns-on-base' && say('path'),
  ])
}
