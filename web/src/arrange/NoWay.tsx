import { conflictText, singleChangeText, type ArrangeResult } from '@nimble-anchor/core/arrange'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import type { Asked, namesOf } from './question.ts'
import { seatsText } from './Ways.tsx'
import { VERDICT_WORD } from './places.ts'

type Change = NonNullable<ArrangeResult['change']>

interface Props {
  readonly result: ArrangeResult
  readonly names: ReturnType<typeof namesOf>
  readonly asked: Asked
  readonly onAsk: (asked: Asked) => void
}

/** The question with a change made; a model that nobody has yet can only be got. */
function changed(asked: Asked, what: Change['what']): Asked | undefined {
  switch (what.kind) {
    case 'pin':
      return { ...asked, pins: asked.pins.filter((_, i) => i !== what.index) }
    case 'extra-off':
      return { ...asked, extrasOff: [...new Set([...asked.extrasOff, what.modelId])] }
    case 'adult-elsewhere':
      return {
        ...asked,
        adults: asked.adults.map((a) => (a.id === what.adultId ? { ...a, positionId: undefined } : a)),
      }
    case 'model':
      return undefined
  }
}

/** Where not all of them fit: what cannot stand together, the one change that helps most, and as many as do fit. */
export function NoWay({ result, names, asked, onAsk }: Props) {
  const { conflict, change, without } = result
  const then = change && changed(asked, change.what)
  return (
    <div className="grid gap-3">
      {change && (
        <section>
          <h2 className="font-bold">The one change that helps most</h2>
          <div className="flex flex-wrap items-center gap-3">
            {then === undefined ? (
              <span className="font-semibold">{singleChangeText(change.what, names)}</span>
            ) : (
              <Button look="main" onClick={() => onAsk(then)}>
                {singleChangeText(change.what, names)}
              </Button>
            )}
            <StateMark
              state={change.verdict === 'fits' ? 'pass' : 'undecided'}
              word={`${VERDICT_WORD[change.verdict]} in ${names.car(change.vehicleId)}`}
            />
          </div>
        </section>
      )}
      {conflict && conflict.facts.length > 0 && (
        <section>
          <h2 className="font-bold">In {names.car(conflict.vehicleId)} these cannot all be</h2>
          <ul className="list-disc gap-x-8 pl-5 sm:columns-2">
            {conflict.facts.map((fact) => (
              <li key={conflictText(fact, conflict.vehicleId, names)}>
                {conflictText(fact, conflict.vehicleId, names)}
              </li>
            ))}
          </ul>
        </section>
      )}
      {conflict?.facts.length === 0 && (
        <p>Nothing that could be otherwise stands in the way: they do not fit by measures alone.</p>
      )}
      {without && (
        <section>
          <h2 className="font-bold">Without {without.childIds.map((id) => names.rider(id)).join(' and ')}</h2>
          <p>
            {names.car(without.arrangement.vehicleId)}: {seatsText(without.arrangement, names)}
          </p>
        </section>
      )}
      {result.isCutShort && <p className="text-ink-soft">It was stopped before all reasons were worked out.</p>}
    </div>
  )
}
