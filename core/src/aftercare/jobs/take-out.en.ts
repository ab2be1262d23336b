import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    'child-out': () => 'The child is out, with a hand on the door side of the car.',
    'tether-off': () => 'Slacken the top tether, unhook it, and stow the strap.',
    'lower-tethers-off': () => 'Slacken both lower tethers and unhook them from their points.',
    'shell-off': () => 'Lift the shell off its base.',
    'leg-up': () => 'Fold the leg up.',
    'connectors-off': () => 'Release each connector until its indicator shows open.',
    'arms-in': () => 'Stow the connector arms, so that they scratch nobody.',
    'lock-open': () => 'Open the lock-off.',
    'clip-off': () => 'Take the locking clip off the belt.',
    'belt-back': () => 'Unbuckle and guide the belt back by hand; a switched retractor must wind in all the way.',
    'clip-in-bag': () => 'Put the loose clip in its bag, with the restraint.',
    'wedge-out': () => 'Take the wedge out, if it was used, and keep it with the restraint.',
    'lift-out': () => 'Lift the restraint out.',
    'head-restraint-on': () => 'Put the vehicle head restraint back on if it was off, at its height.',
    'mat-back': () => 'Lay the floor mat back.',
    'console-back': () => 'Put the removable console back in.',
    'front-seat-back': () => 'Set the seat in front back as it was found.',
    'airbag-on': () => 'Switch the passenger airbag on again, and see its lamp.',
  },
})
