import type { ValueTransformer } from 'typeorm'

/** More documents than anybody has open at once; each is some tens of kilobytes. */
const MOST_KEPT = 64

/**
 * Documents are never changed in place: one that many requests share must not be.
 * Tests see to it; in use the judgement would take twice as long on frozen ones.
 */
const SEES_TO_IT = process.env.NODE_ENV === 'test'
function frozen<T>(x: T): T {
  if (!SEES_TO_IT || typeof x !== 'object' || x === null || Object.isFrozen(x)) return x
  Object.values(x).forEach(frozen)
  return Object.freeze(x)
}

/**
 * A column of documents of which the newest are read again and again. The same
 * text comes back as the same object: it is parsed once, and what core has
 * worked out about it, or about a car or restraint within it, is not worked out
 * anew with every entry.
 */
class SameText implements ValueTransformer {
  private readonly kept = new Map<string, unknown>()

  from(text: string | null): unknown {
    if (text === null) return null
    return this.keep(text, this.kept.get(text) ?? frozen(JSON.parse(text) as unknown))
  }

  to(document: unknown): unknown {
    // TypeORM asks with its own operators too, where a column is searched by.
    if (document === undefined || document === null) return document
    const text = JSON.stringify(document)
    this.keep(text, frozen(document))
    return text
  }

  /** After erasing: nothing of anybody stays behind in memory either. */
  forget(): void {
    this.kept.clear()
  }

  private keep(text: string, document: unknown): unknown {
    this.kept.delete(text)
    this.kept.set(text, document)
    if (this.kept.size > MOST_KEPT) this.kept.delete(this.kept.keys().next().value as string)
    return document
  }
}

/** The cases of fittings, of all folders that this process serves. */
export const CASES = new SameText()
