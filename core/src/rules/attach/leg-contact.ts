import { observedRule } from '../outcomes.ts'

export default observedRule({
  id: 'leg-contact',
  title: 'Leg stands on the floor',
  stage: 'attach',
  source: 'maker',
  standsOn:
    'Flat on the bare floor, nothing packed under it, the base not lifted by it; on a mat only where maker or handbook lets it stay.',
  checks: ['leg-contact'],
  applies: ({ route }) => route.leg !== undefined,
  byRule: ({ route, position }) => {
    const mayStay = route.leg?.matMayStay === true || position.floor?.matMayStay === true
    return {
      kind: mayStay ? 'pass' : 'fail',
      reason: mayStay ? 'The foot stands flat on the mat, which may stay here.' : 'The foot stands on the mat.',
    }
  },
})
