import type { GrowthReading } from '@nimble-anchor/core/formats'
import { api } from './api.ts'
import { useAnswer } from './queries.ts'

export const readingsOf = (childId: string) =>
  ({ queryKey: ['readings', childId], queryFn: () => api.readings(childId) }) as const

const NONE: readonly GrowthReading[] = []

/** What a child measured at its fittings so far; empty until it is known. */
export const useReadings = (childId: string): readonly GrowthReading[] => useAnswer(readingsOf(childId)).data ?? NONE
