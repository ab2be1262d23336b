import type { DemoView } from '@nimble-anchor/core/formats'
import { useQuery } from '@tanstack/react-query'
import { api } from '../session/api.ts'

const WHILE_FILLING_MS = 1_500

/** Which records are the demo's; asked again while its season is filled in. */
export function useDemo(): DemoView | undefined {
  const { data } = useQuery({
    queryKey: ['demo'],
    queryFn: () => api.demo(),
    staleTime: 60_000,
    refetchInterval: ({ state }) => (state.data?.state === 'filling' ? WHILE_FILLING_MS : false),
  })
  return data
}
