import { sentence, ruleText } from '../say.ts'

/** What keeps it from tipping; what an entry says in its own words is quoted. */
export type HeldBy =
  { readonly by: 'leg' | 'top-tether' | 'lower-tethers' | 'belt' } | { readonly by: 'stated'; readonly text: string }

const HELD_BY = {
  leg: 'its leg',
  'top-tether': 'its top tether',
  'lower-tethers': 'its lower tethers',
  belt: 'the vehicle’s belt',
} as const

export default ruleText({
  title: 'Held against rotation',
  standsOn:
    'Two bars let a restraint tip about them: an integral ISOFIX route states a leg, a required top tether, or another means against rotation.',
  says: {
    judged: sentence<{ held: HeldBy | undefined }>({
      reason: ({ held }) =>
        held === undefined
          ? 'The entry states neither leg nor required tether nor another means against rotation.'
          : `Held against rotation by ${held.by === 'stated' ? held.text : HELD_BY[held.by]}.`,
      remedy: () => 'Read in the manual what holds it against rotation, and enter it with the route.',
    }),
  },
})
