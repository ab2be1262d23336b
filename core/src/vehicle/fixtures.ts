import { FIXTURES_OF, type Fixture, type FixtureKind, type SeatingPosition } from './vehicle.ts'

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

const KIND_OF: ReadonlyMap<Fixture, FixtureKind> = new Map(
  (Object.keys(FIXTURES_OF) as FixtureKind[]).flatMap((kind) => FIXTURES_OF[kind].map((f) => [f, kind] as const)),
)
const kindOfFixture = (fixture: Fixture): FixtureKind => KIND_OF.get(fixture) ?? 'forward'

/**
 * Whether a place takes an envelope, as its handbook says: by the list of
 * fixtures, which speaks only for the kinds that it names (an empty one for
 * all), or by the newer table. `undefined` where it says nothing of this kind.
 */
export function takesFixture(handbook: SeatingPosition['handbook'], fixture: Fixture): boolean | undefined {
  const kind = kindOfFixture(fixture)
  const listed = handbook?.fixtures
  const largest = handbook?.table?.[kind]
  const isOfKind = listed !== undefined && (listed.length === 0 || listed.some((f) => kindOfFixture(f) === kind))
  const byList = isOfKind ? listed.some((f) => takesWith(f, fixture)) : undefined
  const byTable = largest === undefined ? undefined : largest !== 'none' && takesWith(largest as Fixture, fixture)
  // Letters and table that differ: the one that refuses is believed until the handbook has been read again.
  return byList === undefined ? byTable : byList && byTable !== false
}
/** Whether a place that takes one envelope takes the other with it. */
const takesWith = (taken: Fixture, other: Fixture): boolean =>
  taken === other || (ALSO_TAKES[taken]?.includes(other) ?? false)
