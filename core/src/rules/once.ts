import type { FittedSubject } from './rule.ts'

/**
 * Works something out once for each fitting as rules see it: rules ask the same
 * several times, whether they apply and what they say. A subject is never
 * changed in place.
 */
export function oncePerFitting<T extends object>(make: (s: FittedSubject) => T | undefined) {
  const known = new WeakMap<FittedSubject, { readonly value: T | undefined }>()
  return (s: FittedSubject): T | undefined => {
    const hit = known.get(s)
    if (hit) return hit.value
    const value = make(s)
    known.set(s, { value })
    return value
  }
}
