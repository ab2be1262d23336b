import * as msg from './messages.en.ts'
const MOST = 6
const ordinal = (n: number): string => {
  const ending = n % 100 >= 11 && n % 100 <= 13 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th')
  return `${n}${ending}`
}
const bare = (name: string): string => name.replace(' (advised against)', '')

/**
 * What another profile changed in the order of modes, in words: first what is
 * advised against now or no longer, then what stands higher than before.
 */
export function whatMoved(before: readonly string[], after: readonly string[]): readonly string[] {
  const place = (list: readonly string[], name: string): number => list.findIndex((x) => bare(x) === bare(name))
  const changes = after.flatMap((name, to) => {
    const from = place(before, name)
    if (from < 0) return [{ rank: 0, text: msg.now(bare(name), ordinal(to + 1)) }]
    const was = before[from] as string
    if (was !== name) {
      const advice = name === bare(name) ? msg.noLongerAdvisedAgainst : msg.nowAdvisedAgainst
      const rank = to === from ? `still ${ordinal(to + 1)}` : `${ordinal(to + 1)} (was ${ordinal(from + 1)})`
      return [{ rank: 0, text: `${bare(name)}: ${advice}, ${rank}` }]
    }
    return to < from ? [{ rank: 1, text: msg.was(bare(name), ordinal(to + 1), ordinal(from + 1)) }] : []
  })
  const sorted = changes.toSorted((a, b) => a.rank - b.rank).map((c) => c.text)
  return sorted.length > MOST ? [...sorted.slice(0, MOST), msg.andMore(sorted.length - MOST)] : sorted
}
