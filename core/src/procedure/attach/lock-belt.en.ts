import { unreachable } from '../../ground/index.ts'
import type { BeltUse, Mode } from '../../restraint/index.ts'
import { stepText } from '../usual-step.ts'
import { sideWords } from '../belt-path.en.ts'

interface Lock {
  readonly lock: BeltUse['lock']
  readonly carSide: 'left' | 'right' | undefined
}

function lockText({ lock, carSide }: Lock): string {
  switch (lock.kind) {
    case 'lock-off':
      return `Close the lock-off on the ${lock.section} section, ${sideWords(lock.side, carSide)}.`
    case 'locking-clip':
      return `Put the locking clip ${lock.section === undefined || lock.section === 'both' ? 'on lap and diagonal together' : `on the ${lock.section} section`}, ${lock.fromTongueMm === 0 ? 'flush with the tongue' : `${lock.fromTongueMm} mm from the tongue`}.`
    case 'switchable-retractor':
      return 'Pull the belt right out until the retractor switches over, then let it wind back tight.'
    case 'tension-only':
      return 'No lock holds the belt: pull it tight as the manual shows.'
    case 'free':
      return 'The belt stays free to run: it holds the child.'
    default:
      return unreachable(lock)
  }
}

export default stepText({
  title: 'Tighten and lock the belt',
  says: {
    weight: ({ direction }: { direction: Mode['direction'] }) =>
      direction === 'lateral'
        ? 'Weight on it, in the middle.'
        : `Weight where the child’s ${direction === 'rearward' ? 'ankles' : 'bottom'} would be.`,
    'pull-lap': () =>
      'Pull the lap section tight at the tongue; nudge the tongue towards the shell and hold the tension while the lock closes.',
    'pull-up': () =>
      'Pull the diagonal up at the tongue, as a handle, until the lap section is tight; nudge the tongue towards the shell and hold the tension while the lock closes.',
    lock: (lock: Lock) => lockText(lock),
    why: () =>
      'Feed the spare belt back. Without the lock the belt holds only in a crash, and the restraint creeps loose.',
  },
})
