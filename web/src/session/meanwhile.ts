import { create } from 'zustand'
import { Refused } from './api.ts'
import * as msg from './messages.en.ts'

/** A field that stands in two ways: as somebody left it meanwhile, and as it is to be kept here. */
interface Difference {
  readonly path: string
  readonly theirs: unknown
  readonly mine: unknown
}

type Answer = 'mine' | 'theirs' | 'neither'
interface Question {
  readonly title: string
  readonly differences: readonly Difference[]
  readonly answer: (taken: Answer) => void
}
interface MeanwhileState {
  readonly question: Question | null
  ask(title: string, differences: readonly Difference[]): Promise<Answer>
}

/** What somebody else changed between opening a thing and keeping it: the second is shown both. */
export const useMeanwhile = create<MeanwhileState>()((set) => ({
  question: null,
  ask: (title, differences) =>
    new Promise((resolve) =>
      set({
        question: {
          title,
          differences,
          answer: (taken) => {
            set({ question: null })
            resolve(taken)
          },
        },
      }),
    ),
}))

const isObject = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null

/** The fields in which two documents differ, each by its path. */
function differencesOf(theirs: unknown, mine: unknown, path = ''): readonly Difference[] {
  if (JSON.stringify(theirs) === JSON.stringify(mine)) return []
  if (!isObject(theirs) || !isObject(mine) || Array.isArray(theirs) !== Array.isArray(mine))
    return [{ path, theirs, mine }]
  const keys = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
  return keys.flatMap((key) => differencesOf(theirs[key], mine[key], path === '' ? key : `${path} · ${key}`))
}

/** Nothing was kept: what stands there by now was taken instead, or the writer went back to what is typed. */
export class LeftTheirs<T> extends Error {
  readonly standing: T
  constructor(standing: T) {
    super(msg.whatSomebodyElseKeptWas)
    this.standing = standing
  }
}
export class WentBack extends Error {
  constructor() {
    super(msg.nothingWasKeptWhatWas)
  }
}

/**
 * Keeps an entry over the state that was seen. Where it stands otherwise by now,
 * both are shown, and it is kept over theirs only by a word.
 *
 * @throws LeftTheirs, WentBack, and whatever the server refuses otherwise
 */
export async function keepSeen<E, T>(
  title: string,
  mine: E,
  seen: unknown,
  send: (seen: unknown) => Promise<T>,
): Promise<T> {
  for (let at = seen; ;) {
    try {
      return await send(at)
    } catch (error) {
      if (!(error instanceof Refused) || error.standing === undefined) throw error
      const taken = await useMeanwhile.getState().ask(title, differencesOf(error.standing, mine))
      if (taken === 'theirs') throw new LeftTheirs(error.standing as E)
      if (taken === 'neither') throw new WentBack()
      at = error.standing
    }
  }
}
