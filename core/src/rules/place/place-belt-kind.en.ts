import { notKnown } from '../facts.en.ts'
import { sentence, ruleText } from '../say.ts'

const BELT_TEXT = { 'three-point': 'a three-point belt', lap: 'a lap belt only', none: 'no belt' } as const

export default ruleText({
  title: 'Belt that the route needs',
  standsOn: 'A route that needs a diagonal takes a three-point belt; a booster never goes on a lap belt.',
  says: {
    'not-known': notKnown({
      what: 'which belt this place has',
      remedy: 'Look at the belt: over the lap alone, or over the shoulder too.',
    }),
    judged: sentence<{
      kind: keyof typeof BELT_TEXT
      needs: 'three-point' | 'three-point-or-lap' | 'lap'
      heldBy: 'harness' | 'shield' | 'vehicle-belt'
    }>({
      reason: ({ kind, needs }) =>
        `The place has ${BELT_TEXT[kind]}; the route needs ${needs === 'three-point-or-lap' ? 'a three-point or lap belt' : BELT_TEXT[needs]}.`,
      remedy: ({ heldBy, kind }) =>
        heldBy === 'vehicle-belt' && kind === 'lap'
          ? 'Never a booster on a lap belt: use a place with a three-point belt.'
          : 'Use a place with the right belt, or another route.',
    }),
  },
})
