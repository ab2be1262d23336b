import { type CheckId } from '@nimble-anchor/core/checks'
import { useEffect, useRef } from 'react'
import { useFitting } from '../../session/fitting.ts'
import type { MarkState } from '../../ui/StateMark.tsx'

/** A moment to see the answer land before the next view comes, in ms. */
const SEEN_MS = 450

/**
 * Goes on by itself once everything asked here has just been answered well. What
 * was good already when one came to it stays.
 */
export function useGoesOn(
  view: string,
  checks: readonly CheckId[],
  marks: ReadonlyMap<CheckId, MarkState>,
  onGo: () => void,
): void {
  const states = checks.map((id) => `${id}=${marks.get(id) ?? 'not-started'}`).join(' ')
  const seen = useRef({ view, states })
  const go = useRef(onGo)
  useEffect(() => {
    go.current = onGo
  })
  useEffect(() => {
    const before = seen.current
    seen.current = { view, states }
    if (before.view !== view || before.states === states || states === '') return
    if (!states.split(' ').every((state) => state.endsWith('=pass'))) return
    // What somebody else answered meanwhile turns no page here: only an answer of one's own is on its way.
    if (useFitting.getState().queue.length === 0) return
    const timer = setTimeout(() => go.current(), SEEN_MS)
    return () => clearTimeout(timer)
  }, [view, states])
}
