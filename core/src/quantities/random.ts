/**
 * Random numbers from a seed: the same seed always gives the same stream.
 * `uniform` is the 32-bit counter generator "mulberry32" (public domain, Tommy
 * Ettinger); `normal` the polar method of Marsaglia, both of each pair used.
 */
export interface RandomStream {
  /** In [0, 1). */
  uniform(): number
  /** Mean 0, standard deviation 1. */
  normal(): number
}

export function randomStream(seed: number): RandomStream {
  let state = seed >>> 0
  let spare = 0
  let hasSpare = false
  const uniform = (): number => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  return {
    uniform,
    normal() {
      if (hasSpare) {
        hasSpare = false
        return spare
      }
      for (;;) {
        const u = uniform() * 2 - 1
        const v = uniform() * 2 - 1
        const s = u * u + v * v
        if (s >= 1 || s === 0) continue
        const scale = Math.sqrt((-2 * Math.log(s)) / s)
        spare = v * scale
        hasSpare = true
        return u * scale
      }
    },
  }
}

/** A seed from what is known of a child, so that the same child gives the same answer (FNV-1a). */
export function seedOf(text: string): number {
  let hash = 0x811c9dc5
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193)
  return hash >>> 0
}
