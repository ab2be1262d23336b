// The arithmetic of the growth forecast as a bare loop over typed arrays: what `core/src/forecast` is held against.
// No names, no shapes, no drawing in parts; the same random numbers, tables, correlation and limits.

/** The monthly tables of one sex from one age, as the loop reads them. */
export function ladderOf(core, sex, fromMonths, steps) {
  const column = (measure, part) =>
    Float64Array.from({ length: steps + 1 }, (_, t) => core.lmsAt(measure, sex, fromMonths + t)[part])
  return {
    massL: column('massKg', 'l'),
    massM: column('massKg', 'm'),
    massS: column('massKg', 's'),
    statureL: column('statureCm', 'l'),
    statureM: column('statureCm', 'm'),
    statureS: column('statureCm', 's'),
    tracking: Float64Array.from({ length: steps + 1 }, (_, t) => core.monthlyTracking(fromMonths + t)),
  }
}

/** Masses and statures of `count` children, `steps + 1` months of each, one after another. */
export function growBare({ ladders, steps, count, first, correlation, largestZ, seed }) {
  const rest = Math.sqrt(1 - correlation * correlation)
  const mass = new Float32Array(count * (steps + 1))
  const stature = new Float32Array(count * (steps + 1))
  let state = seed >>> 0
  let spare = 0
  let hasSpare = false
  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const normal = () => {
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
  }
  const zOf = (l, m, s, x) => (l === 0 ? Math.log(x / m) / s : ((x / m) ** l - 1) / (l * s))
  const valueOf = (l, m, s, z) => (l === 0 ? m * Math.exp(s * z) : m * Math.max(1 + l * s * z, 1e-6) ** (1 / l))
  for (let i = 0; i < count; i += 1) {
    const k = ladders[i % ladders.length]
    const base = i * (steps + 1)
    let heaviest = first.massKg.lo + (first.massKg.hi - first.massKg.lo) * uniform()
    let tallest = first.statureCm.lo + (first.statureCm.hi - first.statureCm.lo) * uniform()
    let massZ = Math.min(Math.max(zOf(k.massL[0], k.massM[0], k.massS[0], heaviest), -largestZ), largestZ)
    let statureZ = Math.min(Math.max(zOf(k.statureL[0], k.statureM[0], k.statureS[0], tallest), -largestZ), largestZ)
    mass[base] = heaviest
    stature[base] = tallest
    for (let t = 1; t <= steps; t += 1) {
      const rho = k.tracking[t - 1]
      const move = Math.sqrt(1 - rho * rho)
      const e = normal()
      massZ = Math.min(Math.max(rho * massZ + move * e, -largestZ), largestZ)
      statureZ = Math.min(Math.max(rho * statureZ + move * (correlation * e + rest * normal()), -largestZ), largestZ)
      heaviest = Math.max(heaviest, valueOf(k.massL[t], k.massM[t], k.massS[t], massZ))
      tallest = Math.max(tallest, valueOf(k.statureL[t], k.statureM[t], k.statureS[t], statureZ))
      mass[base + t] = heaviest
      stature[base + t] = tallest
    }
  }
  return { mass, stature }
}
