import { keepsDirection, type Mode } from '../../restraint/index.ts'
import type { JobContext } from '../context.ts'
import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './convert.en.ts'

const say = jobSayer<typeof en>()

export default ({ model, mode, toMode }: JobContext): readonly JobLine[] => {
  const isBooster = (m: Mode | undefined): boolean => m?.heldBy === 'vehicle-belt'
  const harnessAway = !isBooster(mode) && isBooster(toMode)
  const harnessBack = isBooster(mode) && !isBooster(toMode)
  const turns = mode?.direction !== toMode?.direction
  return linesOf([
    say('manual', { label: toMode?.label }),
    say('out-of-car'),
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
    turns && keepsDirection(model) === 'no' && say('turn', { direction: toMode?.direction }),
    turns && keepsDirection(model) !== 'no' && say('set-round', { direction: toMode?.direction }),
    turns && say('recline'),
    turns && !isBooster(toMode) && say('straps'),
    turns && say('path'),
  ])
}
