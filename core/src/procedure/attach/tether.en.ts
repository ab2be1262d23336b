import type { Route } from '../../restraint/index.ts'
import type { SeatingPosition } from '../../vehicle/index.ts'
import { stepText } from '../usual-step.ts'

type Path = NonNullable<NonNullable<Route['topTether']>['headRestraintPath']>
type Where = NonNullable<SeatingPosition['tether']>['where']

export default stepText({
  title: 'Top tether',
  says: {
    advised: () => 'Top tether (advised)',
    anchorage: ({ where }: { where: Where }) => `Anchorage: ${where.replace('-', ' ')}.`,
    note: ({ text }: { text: string }) => text,
    path: ({ path }: { path: Path }) =>
      `Lead it ${path === 'round-both-sides' ? 'round both sides of' : path.replaceAll('-', ' ')} the head restraint.`,
    hook: () => 'Hook it, then tighten.',
  },
})
