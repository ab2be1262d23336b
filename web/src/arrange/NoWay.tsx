import {
  conflictText,
  LEVELS,
  singleChangeText,
  type Arrangement,
  type ArrangeResult,
  type Pin,
} from '@nimble-anchor/core/arrange'
import type { ReactNode } from 'react'
import { Button } from '../ui/Button.tsx'
import { StateMark } from '../ui/StateMark.tsx'
import type { Asked, namesOf } from './question.ts'
import { seatsText } from './Ways.tsx'
import { VERDICT_WORD } from './places.ts'
import * as msg from './messages.en.ts'

type Change = NonNullable<ArrangeResult['change']>

interface Props {
  readonly result: ArrangeResult
  /** Those of the question that was answered, in its order. */
  readonly pins: readonly Pin[]
  readonly names: ReturnType<typeof namesOf>
  readonly asked: Asked
  readonly onAsk: (asked: Asked) => void
  /** What the whole pool says, where one car was asked for. */
  readonly pool: ArrangeResult | undefined
  /** The other cars are still being looked at: another may be what helps most. */
  readonly isPoolRunning: boolean
}

/** The question with a change made; a model that nobody has yet can only be got. */
function changed(asked: Asked, what: Change['what'], pins: readonly Pin[]): Asked | undefined {
  switch (what.kind) {
    case 'pin':
      return { ...asked, pins: asked.pins.filter((p) => p !== pins[what.index]) }
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

/** Whether an arrangement in another car is better than what a change makes of this one, level by level. */
export function isBetter({ levels }: Pick<Arrangement, 'levels'>, than: Change['levels']): boolean {
  for (const level of LEVELS) {
    const [a, b] = [levels[level], than[level]]
    if (a === b) continue
    // More room is better, and room that nobody knows is none.
    if (level === 'marginMm') return (a ?? -Infinity) > (b ?? -Infinity)
    return (a ?? 0) < (b ?? 0)
  }
  return false
}

interface HelpProps {
  readonly title: string
  readonly isCertain: boolean
  readonly word: string
  readonly children: ReactNode
}

const Help = ({ title, isCertain, word, children }: HelpProps) => (
  <section>
    <h2 className="font-bold">{title}</h2>
    <div className="flex min-h-11 flex-wrap items-center gap-3">
      {children}
      <StateMark state={isCertain ? 'pass' : 'undecided'} word={word} />
    </div>
  </section>
)

const MOST = msg.theOneChangeThatHelps

/** Where not all of them fit: the one change that helps most, what cannot stand together, and as many as do fit. */
export function NoWay({ result, pins, names, asked, onAsk, pool, isPoolRunning }: Props) {
  const { conflict, change, without } = result
  const [car] = pool?.arrangements ?? []
  const isCarBetter = car !== undefined && (change === undefined || isBetter(car, change.levels))
  const then = change && changed(asked, change.what, pins)
  const otherCar = car && (
    <Help
      title={isCarBetter ? MOST : msg.inAnotherCar}
      isCertain={car.facts.length === 0}
      word={VERDICT_WORD[car.facts.length === 0 ? 'fits' : 'fits-if-measured']}
    >
      <Button look={isCarBetter ? 'main' : 'plain'} onClick={() => onAsk({ ...asked, vehicleId: car.vehicleId })}>
        {msg.take(names.car(car.vehicleId))}
      </Button>
    </Help>
  )
  const oneChange = change && (
    <Help
      title={isCarBetter ? msg.inThisCar : MOST}
      isCertain={change.verdict === 'fits'}
      word={msg.inWord(VERDICT_WORD[change.verdict], names.car(change.vehicleId))}
    >
      {then === undefined ? (
        <span className="font-semibold">{singleChangeText(change.what, names)}</span>
      ) : (
        <Button look={isCarBetter ? 'plain' : 'main'} onClick={() => onAsk(then)}>
          {singleChangeText(change.what, names)}
        </Button>
      )}
    </Help>
  )
  return (
    <div className="grid gap-3">
      {isPoolRunning ? (
        // As high as what comes: nothing moves under the finger.
        <p className="min-h-17 text-ink-soft">{msg.whatWouldHelpIsWeighed}</p>
      ) : isCarBetter ? (
        otherCar
      ) : (
        oneChange
      )}
      {conflict && conflict.facts.length > 0 && (
        <section>
          <h2 className="font-bold">{msg.theseCannotStandTogetherIn(names.car(conflict.vehicleId))}</h2>
          <ul className="list-disc gap-x-8 pl-5 sm:columns-2">
            {conflict.facts.map((fact) => (
              <li key={conflictText(fact, conflict.vehicleId, names)}>
                {conflictText(fact, conflict.vehicleId, names)}
              </li>
            ))}
          </ul>
        </section>
      )}
      {conflict?.facts.length === 0 && <p>{msg.nothingThatCouldBeOtherwise}</p>}
      {without && (
        <section>
          <h2 className="font-bold">{msg.without(without.childIds.map((id) => names.rider(id)).join(' and '))}</h2>
          <p>
            {names.car(without.arrangement.vehicleId)}: {seatsText(without.arrangement, names)}
          </p>
        </section>
      )}
      {!isPoolRunning && (isCarBetter ? oneChange : otherCar)}
      {result.isCutShort && <p className="text-ink-soft">{msg.itWasStoppedBeforeAll}</p>}
    </div>
  )
}
