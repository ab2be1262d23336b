import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    manual: ({ label }: { label: string | undefined }) =>
      `Open the manual at “${label ?? 'the new mode'}”: its order comes before this one.`,
    'out-of-car': () => 'Take the restraint out of the car, or unlatch it, as the manual asks.',
    'off-its-base': () => 'Lift the shell off its base; the base stays latched in the car.',
    loosen: () => 'Let the harness out fully and unbuckle it.',
    inserts: () => 'Take every insert out.',
    unthread: () => 'Take the straps off as far as the manual says; note which slot each came from.',
    stow: () => 'Stow straps, tongues, buckle and crotch strap where the manual shows.',
    bag: () => 'What came off goes into its bag, with the manual.',
    'head-up': () => 'Raise the head support to the booster’s range.',
    fetch: () => 'Fetch straps, buckle and crotch strap from the bag and lay them out.',
    thread: () =>
      'Thread each strap through its slot and over every bar, from the front to the back, both sides alike.',
    hang: () => 'Hook both straps on the yoke at the back, flat.',
    crotch: () => 'Put the crotch strap through its slot and turn its plate flat underneath.',
    turn: ({ direction }: { direction: string | undefined }) =>
      `Turn the shell ${direction ?? 'round'}, until it locks; set the guard where there is one.`,
    'set-round': ({ direction }: { direction: string | undefined }) =>
      `Set the shell ${direction ?? 'round'} on its base until it clicks; fasten the tether again, where it has one.`,
    anew: ({ direction }: { direction: string | undefined }) =>
      `Install it ${direction ?? 'the other way'} from the beginning, as the manual shows.`,
    recline: () => 'Set a recline that the new direction permits.',
    straps: () => 'Set the straps by the rule of the new direction.',
    path: () => 'Forget the old belt path or leg: the new direction has its own.',
  },
})
