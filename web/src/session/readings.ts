import type { GrowthReading } from '@nimble-anchor/core/formats'
import { useEffect } from 'react'
import { create } from 'zustand'
import { api } from './api.ts'

interface ReadingsState {
  readonly byChild: Readonly<Record<string, readonly GrowthReading[]>>
  load(childId: string): Promise<void>
}

const useReadingsStore = create<ReadingsState>()((set) => ({
  byChild: {},
  async load(childId) {
    try {
      const readings = await api.readings(childId)
      set((s) => ({ byChild: { ...s.byChild, [childId]: readings } }))
    } catch {
      // Without the server there are no earlier readings to compare with; what stands is kept.
    }
  },
}))

const NONE: readonly GrowthReading[] = []

/** What a child measured at its fittings so far; empty until it is known. */
export function useReadings(childId: string): readonly GrowthReading[] {
  const load = useReadingsStore((s) => s.load)
  useEffect(() => void load(childId), [childId, load])
  return useReadingsStore((s) => s.byChild[childId]) ?? NONE
}
