import { FIXTURES_OF, type Fixture, type FixtureKind, type SeatingPosition } from './vehicle.ts'
import * as msg from './messages.en.ts'

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

/** Envelopes that a place takes by its i-Size mark alone: one that is i-Size forward only says nothing of the rearward ones. */
const BY_MARK: Readonly<Record<'i-U' | 'i-UF' | 'X', readonly Fixture[]>> = { 'i-U': ['R2', 'F2X', 'R1'], 'i-UF': ['F2X'], X: [] } // prettier-ignore
export const takenByMark = (mark: keyof typeof BY_MARK | undefined, fixture: Fixture): boolean =>
  mark !== undefined && BY_MARK[mark].includes(fixture)

export const FIXTURE_TEXT = {
  F3: msg.fullHeightForward,
  F2: msg.reducedHeightForward,
  F2X: msg.reducedHeightForwardRounded,
  R3: msg.fullSizeRearward,
  R2: msg.reducedRearward,
  R2X: msg.reducedRearwardRounded,
  R1: msg.infantRearward,
  L1: msg.lateralLeft,
  L2: msg.lateralRight,
  B2: msg.boosterReducedWidth,
  B3: msg.boosterFullWidth,
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
