import { type IsoDate, type ModelId, UnitId, type VehicleId } from '../ground/index.ts'
import type { RestraintModel, RestraintUnit } from '../restraint/index.ts'
import { compile } from './compile.ts'
import { familyOf } from './family.ts'
import { compareLevels, toldLevels, type Levels, type ToldLevels } from './levels.ts'
import type { ArrangeRequest } from './request.ts'
import { searching, type Word } from './search.ts'

/** One thing changed, and what then comes of it. */
export type Changed =
  | { readonly kind: 'model'; readonly modelId: ModelId }
  | { readonly kind: 'pin'; readonly index: number }
  | { readonly kind: 'extra-off'; readonly modelId: ModelId }
  | { readonly kind: 'adult-elsewhere'; readonly adultId: string }
export interface SingleChange {
  readonly what: Changed
  readonly verdict: 'fits' | 'fits-if-measured'
  readonly vehicleId: VehicleId
  readonly levels: ToldLevels
}

/** A new unit of a model, as it comes from its box. */
const newUnit = (model: RestraintModel, today: IsoDate): RestraintUnit => ({
  id: UnitId(`new-${model.id}`),
  modelId: model.id,
  serial: 'new',
  madeOn: today,
  isHistoryKnown: true,
  wasInCrash: false,
  isRecalled: false,
  isComplete: true,
})

/** Every single change that somebody could make. */
function changesOf(request: ArrangeRequest): readonly { readonly what: Changed; readonly then: ArrangeRequest }[] {
  const { restraints, units, pins = [], adults = [], extrasOff = [] } = request
  const onShelf = new Set(units.map((u) => u.modelId))
  const extras = restraints.filter((m) => onShelf.has(m.id) && m.modes.some((mode) => mode.extraWidthMm !== undefined))
  return [
    ...pins.map((_, index) => ({
      what: { kind: 'pin', index } as const,
      then: { ...request, pins: pins.filter((_pin, i) => i !== index) },
    })),
    ...extras.map(({ id }) => ({
      what: { kind: 'extra-off', modelId: id } as const,
      then: {
        ...request,
        extrasOff: [...new Set([...extrasOff, ...units.filter((u) => u.modelId === id).map((u) => u.id)])],
      },
    })),
    ...adults.flatMap((adult, i) =>
      adult.positionId === undefined
        ? []
        : [
            {
              what: { kind: 'adult-elsewhere', adultId: adult.id } as const,
              then: { ...request, adults: adults.map((a, j) => (i === j ? { ...a, positionId: undefined } : a)) },
            },
          ],
    ),
    ...restraints
      .filter((m) => !onShelf.has(m.id))
      .map((model) => ({
        what: { kind: 'model', modelId: model.id } as const,
        then: { ...request, units: [...units, newUnit(model, request.today)] },
      })),
  ]
}

/**
 * The single change that helps most: the best verdict, then the best by the levels.
 * `undefined` where none helps, or where it was stopped before all were tried.
 */
export function* bestChange(request: ArrangeRequest): Generator<undefined, SingleChange | undefined, Word> {
  let best: { readonly change: SingleChange; readonly levels: Levels } | undefined
  for (const { what, then } of changesOf(request)) {
    // Whether it fits at all is cheap to ask; only what does is weighed.
    let fits = false
    for (const problem of compile(familyOf(then, false))) {
      const result = yield* searching(problem, { isFirstEnough: true })
      if (result === undefined) return undefined
      fits ||= result.best.length > 0
    }
    if (!fits) continue
    for (const problem of compile(familyOf(then))) {
      const result = yield* searching(problem)
      if (result === undefined) return undefined
      const [found] = result.best
      if (found === undefined) continue
      const change: SingleChange = {
        what,
        verdict: found.facts.length === 0 ? 'fits' : 'fits-if-measured',
        vehicleId: problem.vehicle.id,
        levels: toldLevels(found.levels),
      }
      // Fewest facts is the first level, so that the levels put what fits before what fits if measured.
      if (best === undefined || compareLevels(found.levels, best.levels) < 0) best = { change, levels: found.levels }
    }
  }
  return best?.change
}
