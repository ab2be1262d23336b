import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    loosen: () => 'Let the strap out fully.',
    fold: () => 'Fold the strap to a triangle just above the tongue, where the turn is.',
    slide: () => 'Slide the tongue back over the fold, and pull the strap flat.',
    tighten: () => 'Tighten again.',
  },
})
