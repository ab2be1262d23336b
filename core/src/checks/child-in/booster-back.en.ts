import { checkText } from '../text.ts'
import type check from './booster-back.ts'

export default checkText<typeof check>({
  label: 'Booster against the backrest',
  how: 'Its back, or the cushion’s rear edge, lies against the vehicle’s backrest, square to it.',
  options: { against: 'against it, square', away: 'stands off, or askew', unsure: 'cannot tell' },
  remedy: 'Push it back; tilt its back or raise the car’s head restraint where it holds it off.',
})
