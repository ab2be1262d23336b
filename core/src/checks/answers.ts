import { checkOf } from './book.ts'
import type { Figures } from './check.ts'
import type { CheckId } from './ids.ts'

/** An answer to a measured check that needs no scale: "slack", "a finger or more". */
export interface Answer extends Figures {
  readonly id: string
}

/** Those of a check, in the order in which they are asked; none where only a figure will do. */
export function answersOf(id: CheckId): readonly Answer[] {
  const check = checkOf(id)
  return check.kind === 'number' ? Object.entries(check.answers ?? {}).map(([answer, x]) => ({ id: answer, ...x })) : []
}

/** The answer that a reading stands for; `undefined` where a figure was read off. */
export const answerOf = (id: CheckId, number: Partial<Figures> | undefined): string | undefined =>
  answersOf(id).find(({ from, to }) => from === number?.from && to === number.to)?.id
