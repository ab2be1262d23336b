import type { Case } from '@nimble-anchor/core/casefile'
import { Link } from 'react-router'
import { arrangeLink } from '../../session/links.ts'
import * as msg from './messages.en.ts'

/** From one child's place to where the whole family sits. */
export const ArrangeLink = ({ current }: { readonly current: Case }) => (
  <Link
    to={arrangeLink(current.child.id, current.vehicle?.id)}
    className="inline-flex min-h-11 items-center px-1 font-semibold underline decoration-line underline-offset-4 hover:bg-shoal"
  >
    {msg.arrangeTheFamily}
  </Link>
)
