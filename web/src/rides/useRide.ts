import { api } from '../session/api.ts'
import { ON_OPENING, useAnswer } from '../session/queries.ts'

/** A ride with all who travel in it, asked for again while it is shown: others fit at the same time. */
export const useRide = (id: string) =>
  useAnswer({ queryKey: ['ride', id], queryFn: () => api.ride(id), refetchInterval: 10_000, ...ON_OPENING })
