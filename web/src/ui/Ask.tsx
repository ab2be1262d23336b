import { lazy, Suspense } from 'react'
import type { AskProps } from './AskDialog.tsx'

const load = () => import('./AskDialog.tsx')
const AskDialog = lazy(load)

/** Fetched while the server is there: it may be asked when it is not. */
export const fetchAsk = (): void => void load().catch(() => undefined)

/** A question that must be answered before anything else is done; its code comes after the first screen. */
export const Ask = (props: AskProps) =>
  props.open ? (
    <Suspense fallback={null}>
      <AskDialog {...props} />
    </Suspense>
  ) : null
