import { CHECKS } from './book.ts'
import type { CheckId } from './ids.ts'
import { PARTS_HELD, partsWithin, type Part } from './parts.ts'

const isPart = (x: string): x is Part => Object.hasOwn(PARTS_HELD, x)

const CHECKS_OF = new Map(
  (Object.keys(PARTS_HELD) as Part[]).map((part) => {
    const parts = new Set(partsWithin(part))
    return [part, Object.values(CHECKS).flatMap((c) => (c.of.some((p) => parts.has(p)) ? [c.id] : []))] as const
  }),
)

/** The checks that parts stand for, each once, in the order of the book; a check stands for itself. */
export function checksOf(parts: readonly (Part | CheckId)[]): readonly CheckId[] {
  return [...new Set(parts.flatMap((x): readonly CheckId[] => (isPart(x) ? (CHECKS_OF.get(x) ?? []) : [x])))]
}
