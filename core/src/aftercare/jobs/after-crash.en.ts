import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    'child-first': () => 'See to the child first; the restraint comes after.',
    out: () => 'Take the restraint out of the car and out of use.',
    keep: () => 'Keep it with its label: an insurer may ask for it.',
    mark: () => 'Mark it “crashed, not to be used” and set it apart.',
  },
})
