import type { PracticeBook } from '@nimble-anchor/core/formats'
import { api } from './api.ts'
import { again, type Asking, standingOf, type Standing, take, UNTIL_ASKED_AGAIN, useAnswer } from './queries.ts'

const asked = { queryKey: ['practice'], queryFn: () => api.practice(), ...UNTIL_ASKED_AGAIN } as const

export const loadPractice = again(() => asked)

/** Practice profiles and local rules kept for all fittings. */
export function usePractice(asking?: Asking): { readonly book: PracticeBook | null; readonly status: Standing } {
  const answer = useAnswer({ ...asked, ...asking })
  return { book: answer.data ?? null, status: standingOf(answer) }
}

/** Sends a change and takes what the server then has; the refusal is thrown for whoever asked. */
export async function changePractice(request: () => Promise<PracticeBook>): Promise<void> {
  await take(asked.queryKey, await request())
}
