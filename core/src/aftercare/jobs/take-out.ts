import { tetherUseAt } from '../../fit/index.ts'
import type { JobContext } from '../context.ts'
import { jobSayer, linesOf, type JobLine } from '../job-text.ts'
import type en from './take-out.en.ts'

const say = jobSayer<typeof en>()

export default ({ mode, route, position }: JobContext): readonly JobLine[] => {
  const hasTether = route !== undefined && tetherUseAt(route, position) !== undefined
  const { belt, isofix } = route ?? {}
  const isIntegral = mode?.heldBy !== 'vehicle-belt'
  return linesOf([
    say('child-out'),
    hasTether && say('tether-off'),
    route?.lowerTethers !== undefined && say('lower-tethers-off'),
    route?.usesBase === true && say('shell-off'),
    route?.leg !== undefined && say('leg-up'),
    isofix !== undefined && say('connectors-off'),
    isofix?.connectors === 'rigid' && say('arms-in'),
    belt !== undefined && isIntegral && belt.lock.kind === 'lock-off' && say('lock-open'),
    belt?.lock.kind === 'locking-clip' && say('clip-off'),
    belt !== undefined && say('belt-back'),
    belt?.lock.kind === 'locking-clip' && { ...say('clip-in-bag'), pairedWith: 'clip-off' },
    mode?.wedge?.allowed === true && say('wedge-out'),
    say('lift-out'),
    (position?.headRestraint === 'removable' || position?.headRestraint === 'adjustable') && say('head-restraint-on'),
    route?.leg !== undefined && position?.floor?.matRemovable !== false && say('mat-back'),
    position?.obstacles?.includes('removable-console') === true && say('console-back'),
    position !== undefined && position.row > 1 && say('front-seat-back'),
    position?.row === 1 && position.frontAirbag === 'can-be-switched-off' && say('airbag-on'),
  ])
}
