import { jobText } from '../job-text.ts'

export default jobText({
  steps: {
    buckle: () => 'Buckle the empty booster in with the car’s belt, or latch it on its connectors.',
    pull: () => 'Pull at it once.',
  },
})
