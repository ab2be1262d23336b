import {
  notifyManager,
  QueryClient,
  useQuery,
  type DefaultError,
  type QueryKey,
  type UseQueryOptions,
} from '@tanstack/react-query'
import { latest } from './latest.ts'

// What a hand ticks shows before the hand is up again, as every other entry does.
notifyManager.setScheduler(queueMicrotask)

/** Whatever is asked of the server, kept once under its name; only the open fitting has a store of its own. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // The page says that the server does not answer; whoever reads it tries again.
      retry: false,
      staleTime: 2_000,
      // The server may stand in the same room: what the browser believes of the internet says nothing of it.
      networkMode: 'always',
    },
  },
})

/** What keeps its answer until somebody asks again: whoever changes it, or hears that others did. */
export const UNTIL_ASKED_AGAIN = { staleTime: Infinity, refetchOnReconnect: false } as const

/** For whoever wants it as it stands now: asked again when it is shown, however long it has been known. */
export const ON_OPENING = { refetchOnMount: 'always' } as const
export interface Asking {
  readonly refetchOnMount?: 'always'
}

/** What is known of an answer. One that was given stays, also while the server does not answer a second time. */
export type Standing = 'loading' | 'ready' | 'failed'
export const standingOf = ({ data, isError }: { readonly data: unknown; readonly isError: boolean }): Standing =>
  data !== undefined ? 'ready' : isError ? 'failed' : 'loading'

/** The answer to a question, asked for where it is not known yet. */
export const useAnswer = <T, S = T, K extends QueryKey = QueryKey>(question: UseQueryOptions<T, DefaultError, S, K>) =>
  useQuery(question, queries)

/**
 * Asks anew, also where an answer is on its way: that one may be older than the change which somebody just made. It
 * never throws; whoever shows the answer shows that none came.
 */
export const again = <A extends readonly unknown[], T, K extends QueryKey>(
  questionOf: (...args: A) => UseQueryOptions<T, DefaultError, T, K> & { readonly queryKey: K },
): ((...args: A) => Promise<void>) =>
  latest(async (...args: A) => {
    const { queryKey, queryFn } = questionOf(...args)
    await queries.cancelQueries({ queryKey })
    await queries.prefetchQuery({ queryKey, queryFn: queryFn as never, staleTime: 0 })
  })

/** An answer that came with a change of one's own, shown at once: what is on its way is older. */
export async function take<T>(queryKey: QueryKey, answer: T): Promise<void> {
  queries.setQueryData(queryKey, answer)
  // Giving up what is on its way puts back what stood when it was asked for.
  await queries.cancelQueries({ queryKey })
  queries.setQueryData(queryKey, answer)
}
