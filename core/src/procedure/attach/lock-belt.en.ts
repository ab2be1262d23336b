import { unreachable } from '../../ground/index.ts'
import type { BeltUse } from '../../restraint/index.ts'
import { stepText } from '../usual-step.ts'

function lockText(lock: BeltUse['lock']): string {
  switch (lock.kind) {
    case 'lock-off':
      return `Close the lock-off on the ${lock.section} section, ${lock.side.replace('-', ' ')}.`
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
    lock: (lock: BeltUse['lock']) => lockText(lock),
    'pull-slack': () => 'Weight on the seat; pull the slack from the lap section up through the tongue.',
  },
})
