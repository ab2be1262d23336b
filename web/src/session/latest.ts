interface Waiting<A> {
  args: A
  readonly done: Promise<void>
}

/**
 * Asks one at a time, and never shows what is older than what somebody waits for: whoever asks while an answer is
 * on its way gets one that was asked for after them. An answer that is overtaken cannot come in late and stay.
 */
export function latest<A extends readonly unknown[]>(
  ask: (...args: A) => Promise<void>,
): (...args: A) => Promise<void> {
  let running: Promise<void> | undefined
  /** What was asked for meanwhile, as one. */
  let waiting: Waiting<A> | undefined
  const run = (args: A): Promise<void> => {
    running = ask(...args).finally(() => (running = undefined))
    return running
  }
  return (...args) => {
    if (!running) return run(args)
    if (waiting) {
      waiting.args = args
      return waiting.done
    }
    const mine: Waiting<A> = {
      args,
      // However the one before ends: what comes after it was asked for all the same.
      done: running
        .catch(() => undefined)
        .then(() => {
          waiting = undefined
          return run(mine.args)
        }),
    }
    waiting = mine
    return mine.done
  }
}
