import { sentence, ruleText } from '../say.ts'

const WHERE = { behindBase: 'behind the base', underBase: 'under the base' } as const

export default ruleText({
  title: 'Gap behind or under the base',
  standsOn:
    'Behind and under the base are two questions. Practice accepts no gap; one that the maker accepts on this route is accepted, and the maker is named.',
  says: {
    judged: sentence<{ makerAccepts: boolean; where: keyof typeof WHERE; bySchool: boolean }>({
      reason: ({ makerAccepts, where, bySchool }) =>
        makerAccepts
          ? `There is a gap ${WHERE[where]}; the maker accepts it on this route${bySchool ? ', though your practice profile accepts none' : ''}.`
          : `There is a gap ${WHERE[where]}, and the maker does not say that it may stay.`,
      remedy: () => 'Push the base home, remove a head restraint that holds it away, or use another place.',
    }),
  },
})
