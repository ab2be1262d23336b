import { useEffect } from 'react'
import { sayRefusal } from './refusal.ts'

/** Says why an answer did not come, once for each time. */
export function useRefusalSaid(error: unknown): void {
  useEffect(() => {
    if (error !== null) sayRefusal(error)
  }, [error])
}
