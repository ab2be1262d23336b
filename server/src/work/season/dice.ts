import { randomStream } from '@nimble-anchor/core/quantities'

/** Chance from a seed: the same demo every time. */
export interface Dice {
  /** From `from` up to, and not including, `to`. */
  between(from: number, to: number): number
  chance(share: number): boolean
  pick<T>(items: readonly T[]): T
  /** Standard normal deviate. */
  normal(): number
  shuffled<T>(items: readonly T[]): readonly T[]
}

export function diceOf(seed: number): Dice {
  const stream = randomStream(seed)
  const pick = <T>(items: readonly T[]): T => {
    const item = items[Math.floor(stream.uniform() * items.length)]
    if (item === undefined) throw new Error('Nothing to pick from')
    return item
  }
  return {
    between: (from, to) => from + stream.uniform() * (to - from),
    chance: (share) => stream.uniform() < share,
    pick,
    normal: () => stream.normal(),
    shuffled: (items) => {
      const left = [...items]
      return items.map(() => left.splice(Math.floor(stream.uniform() * left.length), 1)[0] as (typeof items)[number])
    },
  }
}
