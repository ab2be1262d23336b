import { fingerprint } from '@nimble-anchor/core/ground'
import { type StockItem } from '@nimble-anchor/core/match'
import { type RestraintModel, type RestraintUnit } from '@nimble-anchor/core/restraint'

/** The catalogue as it is stored, and how much of it may be used. */
export interface StockTexts {
  readonly models: readonly string[]
  readonly units: readonly string[]
  /** What is on the shelf, or every model, whether anybody has one or not; the unit in use stays itself. */
  readonly of: 'shelf' | 'catalogue'
}

/** A shelf with forty of one model offers one way, not forty: of units that differ in name and shelf alone the first stands for all. */
function alikeOnce(stock: readonly StockItem[], inUse: string | undefined): readonly StockItem[] {
  const seen = new Set<string>()
  return stock.filter(({ model, unit }) => {
    if (unit === undefined || unit.id === inUse) return true
    const { id: _id, serial: _serial, shelf: _shelf, note: _note, ...facts } = unit
    const key = `${model.id}/${fingerprint(facts)}`
    return !seen.has(key) && seen.add(key)
  })
}

/** Every unit with its model, and models that nobody has where they are asked for. */
export function stockOf({ models, units, of }: StockTexts, inUse: string | undefined): readonly StockItem[] {
  const byId = new Map(models.map((text) => JSON.parse(text) as RestraintModel).map((m) => [m.id, m]))
  const shelf = units.flatMap((text): StockItem[] => {
    const unit = JSON.parse(text) as RestraintUnit
    const model = byId.get(unit.modelId)
    return model ? [{ model, unit }] : []
  })
  const owned = new Set(shelf.map((s) => s.model.id))
  const unowned = of === 'shelf' ? [] : [...byId.values()].filter((m) => !owned.has(m.id)).map((model) => ({ model }))
  return [...alikeOnce(shelf, inUse), ...unowned]
}
