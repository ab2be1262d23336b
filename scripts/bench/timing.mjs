// How the bench measures: medians, shares, and figures beside a bare reference timed in the same breath.

const middle = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)]
export const share = (times, part) => times.toSorted((a, b) => a - b)[Math.floor(times.length * part)]

/** Median of several runs, after as many to warm up. */
export function medianMs(work, runs) {
  const times = []
  for (let i = 0; i < runs * 2; i += 1) {
    const start = performance.now()
    work()
    if (i >= runs) times.push(performance.now() - start)
  }
  return middle(times)
}

/** The same of something that is waited for. */
export async function medianWaitMs(work, runs) {
  const times = []
  for (let i = 0; i < runs + 3; i += 1) {
    const start = performance.now()
    await work(i)
    if (i >= 3) times.push(performance.now() - start)
  }
  return middle(times)
}

/**
 * How many times as long one takes as the other. Turn and turn about, so that a
 * machine that slows down slows both; of the rounds the middle one.
 */
export async function timesAsLong(measured, bare, { runs, rounds = 5 }) {
  const ratios = []
  for (let i = 0; i < rounds; i += 1)
    ratios.push((await medianWaitMs(measured, runs)) / (await medianWaitMs(bare, runs)))
  return middle(ratios)
}
