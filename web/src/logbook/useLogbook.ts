import type { LogbookRow } from '@nimble-anchor/core/formats'
import { useCallback, useEffect, useRef, useState } from 'react'
import { api } from '../session/api.ts'

/** Rows asked for at once. */
export const PART = 100

interface Book {
  /** What it answers; an answer to an older question is thrown away. */
  readonly asked: string
  readonly total: number
  readonly parts: ReadonlyMap<number, readonly LogbookRow[]>
}

export interface LogbookList {
  /** `undefined` until the first answer. */
  readonly total: number | undefined
  readonly failed: boolean
  row(index: number): LogbookRow | undefined
  /** Asks for the parts that hold these rows, where they are not here yet. */
  need(from: number, to: number): void
}

/** A list of any length, of which only what is looked at is fetched. */
export function useLogbook(asked: string): LogbookList {
  const [book, setBook] = useState<Book | null>(null)
  const [failedFor, setFailedFor] = useState<string | null>(null)
  const underway = useRef(new Set<string>())
  const fetchPart = useCallback(
    (part: number): void => {
      const key = `${asked}#${part}`
      if (underway.current.has(key)) return
      underway.current.add(key)
      api
        .logbook(asked, part * PART, PART)
        .then(
          ({ total, rows }) =>
            setBook((b) => ({
              asked,
              total,
              parts: new Map([...(b?.asked === asked ? b.parts : []), [part, rows] as const]),
            })),
          () => setFailedFor(asked),
        )
        .finally(() => underway.current.delete(key))
    },
    [asked],
  )
  useEffect(() => fetchPart(0), [fetchPart])
  const isOwn = book?.asked === asked
  return {
    // Until the answer is here the old list stays: a flicker on each letter helps nobody.
    total: book?.total,
    failed: failedFor === asked,
    row: (index) => book?.parts.get(Math.floor(index / PART))?.[index % PART],
    need: (from, to) => {
      if (!isOwn) return
      for (let part = Math.floor(from / PART); part <= Math.floor(to / PART); part += 1)
        if (!book.parts.has(part) && part * PART < book.total) fetchPart(part)
    },
  }
}
