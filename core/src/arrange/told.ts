import { type ModelId, type UnitId, type VehicleId } from '../ground/index.ts'
import type { RestraintUnit } from '../restraint/index.ts'
import type { Fact } from './facts.ts'
import type { Arranged } from './kept.ts'
import { tellsApart, toldLevels, type Level, type ToldLevels } from './levels.ts'
import { loadingOrder, seatedAt, wayIn } from './loading.ts'
import type { Candidate, CarProblem, Place } from './problem.ts'
import { rowsOf, type RowOf } from './row-told.ts'

/** Where one child rides; a child beyond the local rule has no restraint. */
export interface Seat {
  readonly childId: string
  readonly positionId: string
  readonly secondPositionId?: string | undefined
  readonly modelId?: ModelId | undefined
  readonly modeId?: string | undefined
  readonly routeId?: string | undefined
  readonly unitId?: UnitId | undefined
  readonly baseUnitId?: string | undefined
  /** The unit stands otherwise now: it has to be converted or turned round first. */
  readonly needsConversion?: true | undefined
  /** The airbag before the place must be on or off. */
  readonly airbag?: 'on' | 'off' | undefined
  /** Months ahead facing rearward and in a harness, and what of them is lost against the best alone. */
  readonly rearwardMonths: number
  readonly harnessMonths: number
  readonly rearwardMonthsLost: number
  readonly harnessMonthsLost: number
}

export interface Arrangement {
  readonly vehicleId: VehicleId
  readonly seats: readonly Seat[]
  readonly adults: readonly {
    readonly adultId: string
    readonly positionId: string
    readonly airbag?: 'on' | undefined
  }[]
  readonly levels: ToldLevels
  /** Still to be measured or read. */
  readonly facts: readonly Fact[]
  readonly rows: readonly RowOf[]
  /** Children whose restraint goes in first, to last. */
  readonly installing: readonly string[]
  /** Who gets in first, to last, and past which places. */
  readonly loading: readonly { readonly riderId: string; readonly past: readonly string[] }[]
  /** The level that tells it from the best; absent for the best and for a tie. */
  readonly because?: Level | undefined
}

/** Units of each class handed out one after another. */
function unitsFor({ problem }: Arranged): (unitClass: number | undefined) => RestraintUnit | undefined {
  const given = new Map<number, number>()
  return (unitClass) => {
    if (unitClass === undefined) return undefined
    const turn = given.get(unitClass) ?? 0
    given.set(unitClass, turn + 1)
    return problem.classes[unitClass]?.units[turn]
  }
}

const idAt = (problem: CarProblem, place: number): string => (problem.places[place] as Place).position.id

/** An arrangement as it is told. */
export function arrangementOf(arranged: Arranged, best?: Arranged): Arrangement {
  const { problem, picks, levels, facts } = arranged
  const unit = unitsFor(arranged)
  const kindOf = (c: Candidate) => problem.riders[c.rider]?.kind
  const idOf = (c: Candidate): string => problem.riders[c.rider]?.id ?? ''
  const at = seatedAt(picks)
  const order = loadingOrder(problem, picks)
  const seats = picks
    .filter((c) => kindOf(c) === 'child')
    .map((c): Seat => ({
      childId: idOf(c),
      positionId: idAt(problem, c.place),
      ...(c.second !== undefined && { secondPositionId: idAt(problem, c.second) }),
      ...(c.model && { modelId: c.model.id }),
      ...(c.mode && { modeId: c.mode.id }),
      ...(c.route && { routeId: c.route.id }),
      ...(c.unitClass !== undefined && { unitId: unit(c.unitClass)?.id }),
      ...(c.baseClass !== undefined && { baseUnitId: unit(c.baseClass)?.id }),
      ...(c.isConverted && { needsConversion: true as const }),
      ...(c.airbag !== 'either' && { airbag: c.airbag }),
      rearwardMonths: c.rearwardMonths,
      harnessMonths: c.harnessMonths,
      rearwardMonthsLost: c.rearwardLost,
      harnessMonthsLost: c.harnessLost,
    }))
  return {
    vehicleId: problem.vehicle.id,
    seats,
    adults: picks
      .filter((c) => kindOf(c) === 'adult')
      .map((c) => ({
        adultId: idOf(c),
        positionId: idAt(problem, c.place),
        ...(c.airbag === 'on' && { airbag: c.airbag }),
      })),
    levels: toldLevels(levels),
    facts,
    rows: rowsOf(arranged),
    // Whoever must be got past is installed last; loading turned round, restraints alone.
    installing: order.filter((c) => c.unitClass !== undefined).map(idOf),
    loading: order.map((c) => ({ riderId: idOf(c), past: wayIn(problem, at, c).past.map((p) => idAt(problem, p)) })),
    ...(best !== undefined && best !== arranged && { because: tellsApart(best.levels, levels) }),
  }
}
