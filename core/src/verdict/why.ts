import { massOf } from '../child/index.ts'
import { chosenIn, type Case } from '../casefile/index.ts'
import { WHY_EN, type WhyFacts } from './why.en.ts'

/** Deceleration of a hard frontal crash, in g; F = m·a. */
const CRASH_G = 25
const STANDARD_GRAVITY = 9.81

/** How hard a mass pulls in a crash: its force in kN, and the mass that weighs as much, in kg. */
export function pullOf(massKg: number): { readonly kN: number; readonly asKg: number } {
  return {
    kN: Math.round((massKg * CRASH_G * STANDARD_GRAVITY) / 100) / 10,
    asKg: Math.round((massKg * CRASH_G) / 5) * 5,
  }
}

/** Why a rule is there, in one short sentence with this child's and this restraint's numbers; most rules need none. */
export function whyOf(ruleId: string, c: Case): string | undefined {
  const text = WHY_EN[ruleId]
  if (text === undefined) return undefined
  const mass = massOf(c.child)
  const childKg = mass && (mass.lo + mass.hi) / 2
  const { model } = chosenIn(c)
  const facts: WhyFacts = {
    child: childKg === undefined ? undefined : { massKg: childKg, ...pullOf(childKg) },
    together: childKg === undefined || model === undefined ? undefined : pullOf(childKg + model.massKg),
  }
  return text(facts)
}
