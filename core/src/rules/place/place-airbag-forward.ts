import { airbagAsked } from '../airbag.ts'
import { defineRule, type Need } from '../rule.ts'

export default defineRule({
  id: 'place-airbag-forward',
  title: 'Airbag before a forward child in front',
  scope: 'place',
  stage: 'place',
  severity: 'stop',
  source: 'vehicle',
  standsOn:
    'Forward in the front row the airbag is as the handbook and the manual say, both stated; where they differ, nobody travels there.',
  applies: ({ mode, position }) => mode.direction === 'forward' && position.row === 1,
  evaluate: (s) => {
    const { frontAirbag, handbook } = s.position
    if (frontAirbag === 'none') return { kind: 'pass', reason: () => 'No frontal airbag at this place.' }
    const asked = airbagAsked(s)
    const missing: readonly Need[] = [
      ...(frontAirbag === undefined ? (['position.frontAirbag'] as const) : []),
      ...(handbook?.forwardAirbag === undefined || asked === 'contradicted' ? (['position.handbook'] as const) : []),
      ...(s.route.frontAirbag === undefined || asked === 'contradicted' ? (['route.frontAirbag'] as const) : []),
    ]
    if (missing.length > 0) {
      return {
        kind: 'undecided',
        missing,
        reason: () =>
          asked === 'contradicted'
            ? `The handbook asks for the airbag ${handbook?.forwardAirbag}, the manual for it ${s.route.frontAirbag}.`
            : 'Whether the airbag before a forward child is on or off here is stated by handbook and manual; not both have been read.',
        remedy: () => 'Read both, or use a place in the back.',
      }
    }
    const cannot = asked === 'off' && frontAirbag === 'cannot-be-switched-off'
    const isDoubtful = asked === 'off' && frontAirbag === 'automatic' && handbook?.automaticCutOffCounts !== true
    return {
      kind: cannot ? 'fail' : isDoubtful ? (handbook?.automaticCutOffCounts === false ? 'fail' : 'undecided') : 'pass',
      missing: isDoubtful && handbook?.automaticCutOffCounts === undefined ? ['position.handbook'] : undefined,
      reason: () =>
        cannot
          ? 'The airbag is to be off, and cannot be switched off.'
          : isDoubtful
            ? 'The airbag is to be off, and only a weight sensor does it; that counts only where the handbook says so.'
            : `Handbook and manual: airbag ${asked === 'either' ? 'on or off' : asked}.`,
      remedy: () => 'Use a place in the back.',
    }
  },
})
