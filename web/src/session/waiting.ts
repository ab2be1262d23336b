import type { Put } from '@nimble-anchor/core'

/** Entries kept on this device until the server has acknowledged them. */
export interface Waiting {
  readonly who: string
  readonly puts: readonly Put[]
}

const queueKey = (id: string): string => `nimble-anchor.waiting.${id}`

/** Drops what still waits on this device for fittings that are erased. */
export function forgetWaiting(fittingIds: readonly string[]): void {
  for (const id of fittingIds) localStorage.removeItem(queueKey(id))
}

export function readQueue(id: string): readonly Waiting[] {
  try {
    const stored: unknown = JSON.parse(localStorage.getItem(queueKey(id)) ?? '[]')
    return Array.isArray(stored) ? (stored as Waiting[]) : []
  } catch {
    return []
  }
}
/** How many entries for a fitting wait on this device. */
export const waitingFor = (id: string): number => readQueue(id).length

export function keepQueue(id: string, queue: readonly Waiting[]): void {
  if (queue.length === 0) localStorage.removeItem(queueKey(id))
  else localStorage.setItem(queueKey(id), JSON.stringify(queue))
}
