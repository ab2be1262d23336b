import { exitText, type Exit } from '../fit/index.ts'
import type { Settings } from '../readings/index.ts'
import type { Route } from '../restraint/index.ts'

interface Row {
  readonly name: string
  readonly value: string
}
type TetherPath = NonNullable<NonNullable<Route['topTether']>['headRestraintPath']>
type HeadRestraint = NonNullable<Settings['vehicleHeadRestraint']>['value']

/** Each row of what is to be remembered: what it is called, and how it stands. */
export const REMEMBER_EN = {
  route: ({ label }: { label: string }): Row => ({ name: 'Route', value: label }),
  recline: ({ label }: { label: string }): Row => ({ name: 'Recline', value: label }),
  straps: (exit: Exit): Row => ({ name: 'Shoulder straps', value: exitText(exit) }),
  guide: (exit: Exit): Row => ({ name: 'Belt guide', value: exitText(exit) }),
  leg: ({ notch }: { notch: number }): Row => ({ name: 'Support leg', value: `notch ${notch}` }),
  wedge: ({ isIn }: { isIn: boolean }): Row => ({ name: 'Wedge', value: isIn ? 'in' : 'none' }),
  slide: ({ mm }: { mm: number }): Row => ({ name: 'Shell on its base', value: `slid ${mm} mm` }),
  inserts: ({ names }: { names: readonly string[] }): Row => ({
    name: 'Inserts',
    value: names.length === 0 ? 'none in' : names.join(', '),
  }),
  handle: ({ travelPosition }: { travelPosition: string }): Row => ({ name: 'Carrying handle', value: travelPosition }),
  pod: ({ side }: { side: 'left' | 'right' }): Row => ({
    name: 'Side pod',
    value: `out on the ${side}, the door side`,
  }),
  shellOnBase: (): Row => ({
    name: 'At every ride',
    value: 'the shell set on its base until both latches click; lift it once',
  }),
  airbag: ({ mayBeOn }: { mayBeOn: boolean }): Row => ({
    name: 'Airbag',
    value: mayBeOn ? 'as handbook and manual say' : 'off; on again when an adult sits here',
  }),
  floorBox: (): Row => ({ name: 'Floor box', value: 'filled or propped, each time the car comes back' }),
  tether: ({ path }: { path: TetherPath }): Row => ({
    name: 'Top tether',
    value:
      path === 'free'
        ? 'hooked and tight'
        : `${path === 'round-both-sides' ? 'round both sides of' : path.replaceAll('-', ' ')} the head restraint`,
  }),
  headRestraint: ({ state }: { state: HeadRestraint }): Row => ({
    name: 'Vehicle head restraint',
    value: state.replaceAll('-', ' '),
  }),
  frontSeat: ({ mm }: { mm: number }): Row => ({ name: 'Seat in front', value: `${mm} mm from the backrest` }),
} as const
