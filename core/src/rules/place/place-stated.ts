import { defineRule } from '../rule.ts'

export default defineRule({
  id: 'place-stated',
  title: 'Whether the seat slides is known',
  scope: 'place',
  stage: 'place',
  severity: 'fix',
  source: 'vehicle',
  standsOn:
    'Some handbooks ask for a bench or seat to be slid to one setting under a restraint: whether this one slides is a look.',
  applies: ({ position }) => position.row > 1,
  evaluate: ({ position }) => {
    const { slidingTrack } = position
    const isOpen = slidingTrack === undefined && !position.without?.includes('slidingTrack')
    const needsSetting = slidingTrack !== undefined && slidingTrack.handbookSetting === undefined
    return {
      kind: isOpen || needsSetting ? 'undecided' : 'pass',
      missing: isOpen || needsSetting ? ['position.slidingTrack'] : undefined,
      reason: () =>
        isOpen
          ? 'Whether this seat slides is not known.'
          : needsSetting
            ? 'This seat slides; which setting the handbook asks for has not been read.'
            : slidingTrack === undefined
              ? 'The seat does not slide.'
              : slidingTrack.handbookSetting === ''
                ? 'The seat slides; the handbook asks for no setting.'
                : `The seat slides; the handbook says: ${slidingTrack.handbookSetting}`,
      remedy: () => (isOpen ? 'Look for a track under the seat.' : 'Read the handbook for this seat.'),
    }
  },
})
