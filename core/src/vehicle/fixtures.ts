import type { Fixture } from './vehicle.ts'

/**
 * Envelopes that a place takes because it takes a larger one (UN R16 fixtures):
 * R3 ⊃ R2 ⊃ R1, R3 ⊃ R2X ⊃ R1, F3 ⊃ F2, F3 ⊃ F2X, B3 ⊃ B2.
 */
const ALSO_TAKES: Partial<Record<Fixture, readonly Fixture[]>> = {
  R3: ['R2', 'R2X', 'R1'],
  R2: ['R1'],
  R2X: ['R1'],
  F3: ['F2', 'F2X'],
  B3: ['B2'],
}

/** Envelopes that every i-Size place takes. */
export const ISIZE_FIXTURES: readonly Fixture[] = ['R2', 'F2X', 'R1']

export const FIXTURE_TEXT = {
  F3: 'full-height forward',
  F2: 'reduced-height forward',
  F2X: 'reduced-height forward, rounded',
  R3: 'full-size rearward',
  R2: 'reduced rearward',
  R2X: 'reduced rearward, rounded',
  R1: 'infant rearward',
  L1: 'lateral, left',
  L2: 'lateral, right',
  B2: 'booster, reduced width',
  B3: 'booster, full width',
} as const satisfies Record<Fixture, string>

/** Every envelope a place takes, given those the handbook lists and the i-Size mark. */
export function fixturesTaken(listed: readonly Fixture[], isISize: boolean): ReadonlySet<Fixture> {
  const taken = new Set<Fixture>(isISize ? ISIZE_FIXTURES : [])
  for (const fixture of listed) {
    taken.add(fixture)
    for (const smaller of ALSO_TAKES[fixture] ?? []) taken.add(smaller)
  }
  return taken
}
