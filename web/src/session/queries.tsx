import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import type { ComponentType } from 'react'

/** What pages ask of the server and keep; an open fitting has its own store. */
export const queries = new QueryClient({
  defaultOptions: {
    queries: {
      // The page says that the server does not answer; whoever reads it tries again.
      retry: false,
      staleTime: 2_000,
    },
  },
})

/** A page that asks: it brings what keeps the answers, so that the first screen need not. */
export function withQueries<P extends object>(Page: ComponentType<P>): ComponentType<P> {
  return function WithQueries(props: P) {
    return (
      <QueryClientProvider client={queries}>
        <Page {...props} />
      </QueryClientProvider>
    )
  }
}
