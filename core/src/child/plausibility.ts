import { formatNumber, middle, toInterval } from '../quantities/index.ts'
import type { Child } from './child.ts'
import { massOf, statureOf } from './measures.ts'
import * as msg from './messages.en.ts'

/**
 * Bounds so wide that only a slip of the keyboard falls outside: body-mass index
 * in kg/m² (the growth references put −3 to +3 SD of all ages well inside), and
 * the seated shoulder as a share of stature (dummies from newborn to ten years: 0.36–0.45).
 */
const SLIP_BOUNDS = { bodyMassIndex: { from: 8, to: 35 }, shoulderShare: { from: 0.28, to: 0.55 } } as const

interface Slip {
  readonly fields: readonly ('massKg' | 'statureCm' | 'seatedShoulderHeightMm')[]
  readonly text: string
}

/** Pairs of measures that cannot belong to one child. They are kept, and said aloud. */
export function slipsIn(child: Child): readonly Slip[] {
  const slips: Slip[] = []
  const stature = statureOf(child)
  if (stature === undefined) return slips
  const statureCm = middle(stature)
  const mass = massOf(child)
  if (mass !== undefined) {
    const massKg = middle(mass)
    const index = massKg / (statureCm / 100) ** 2
    const { from, to } = SLIP_BOUNDS.bodyMassIndex
    if (index < from || index > to) {
      slips.push({
        fields: ['massKg', 'statureCm'],
        text: msg.kgAndCmDoNot(formatNumber(massKg), formatNumber(statureCm)),
      })
    }
  }
  const shoulder = toInterval(child.seatedShoulderHeightMm)
  if (shoulder !== undefined) {
    const share = middle(shoulder) / (statureCm * 10)
    const { from, to } = SLIP_BOUNDS.shoulderShare
    if (share < from || share > to) {
      slips.push({
        fields: ['seatedShoulderHeightMm', 'statureCm'],
        text: msg.aSeatedShoulderAtCm(formatNumber(middle(shoulder) / 10), formatNumber(statureCm)),
      })
    }
  }
  return slips
}
