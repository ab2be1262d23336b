import type { DemoView } from '@nimble-anchor/core/formats'
import { useAnswer } from '../session/queries.ts'
import { api } from '../session/api.ts'

const WHILE_FILLING_MS = 1_500

const asked = { queryKey: ['demo'], queryFn: () => api.demo(), staleTime: 60_000 } as const

/** Which records are the demo's. */
export function useDemo(): DemoView | undefined {
  return useAnswer(asked).data
}

/** The same, asked again while its season is filled in: by the one place that shows how far it is. */
export function useDemoFilling(): DemoView | undefined {
  return useAnswer({
    ...asked,
    refetchInterval: ({ state }) => (state.data?.state === 'filling' ? WHILE_FILLING_MS : false),
  }).data
}
