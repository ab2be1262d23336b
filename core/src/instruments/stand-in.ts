import { randomStream } from '../quantities/index.ts'
import type { InstrumentSpec, Sample } from './instrument.ts'
import * as msg from './messages.en.ts'

/**
 * A stand-in for a real tool: what it would stream for a given truth. It has
 * noise, runs up like a damped needle, and is disturbed as the behaviour says.
 */
export const BEHAVIOURS = {
  calm: msg.liesStill,
  'wriggles-then-calm': msg.wrigglesThenLiesStill,
  restless: msg.neverLiesStill,
  drifting: msg.somebodyLeansOnItMore,
  'drops-out': msg.theContactComesAndGoes,
} as const
export type Behaviour = keyof typeof BEHAVIOURS

interface StandIn {
  /** The next sample; `undefined` where the contact is lost. */
  next(): Sample | undefined
}

/** How long the needle runs up, and how long a child wriggles before it lies still. */
const RISE_MS = 350
const WRIGGLE_MS = 6000

/** Never repeats and never stands still: two swings whose periods have no common measure, and jerks. */
function wriggle(tMs: number, size: number, normal: () => number): number {
  return size * (4 * Math.sin(tMs / 310) + 3 * Math.sin(tMs / 173 + 1) + 1.5 * normal())
}

export function standIn(
  spec: InstrumentSpec,
  truth: { readonly value: number; readonly behaviour: Behaviour },
  seed: number,
): StandIn {
  const random = randomStream(seed)
  const normal = (): number => random.normal()
  // Every tool is a little off, within its stated accuracy: half of it is one standard deviation.
  const offset = (spec.accuracy / 2) * Math.max(-1.8, Math.min(1.8, normal()))
  let n = 0
  return {
    next() {
      n += 1
      const tMs = n * spec.sampleMs
      const { behaviour, value } = truth
      let x = (value + offset) * (spec.emptyBelow === undefined ? 1 : 1 - Math.exp(-tMs / RISE_MS))
      x += 0.25 * spec.spreadMax * normal()
      if (behaviour === 'restless' || (behaviour === 'wriggles-then-calm' && tMs < WRIGGLE_MS)) {
        x += wriggle(tMs, spec.spreadMax, normal)
      }
      if (behaviour === 'drifting') x += (2.5 * spec.driftMax * tMs) / spec.windowMs
      // Contact for one second in two.
      if (behaviour === 'drops-out' && Math.floor(tMs / 1000) % 2 === 1) return undefined
      return { tMs, value: Math.round(x / spec.resolution) * spec.resolution }
    },
  }
}
