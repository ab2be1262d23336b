import type { Vehicle } from '@nimble-anchor/core/vehicle'
import { Tabs } from '../ui/Tabs.tsx'
import { WorkProgress } from '../ui/WorkProgress.tsx'
import { AskedPanel } from './AskedPanel.tsx'
import { CarTable } from './CarTable.tsx'
import { NoWay } from './NoWay.tsx'
import type { Asked, Known, namesOf } from './question.ts'
import type { Working } from './useArranger.ts'
import { BeforeThat, ToMeasure, Ways } from './Ways.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly working: Working
  readonly isPoolRunning: boolean
  readonly onStop: () => void
  readonly chosen: number
  readonly onChoose: (index: number) => void
  readonly names: ReturnType<typeof namesOf>
  readonly asked: Asked
  readonly onAsk: (asked: Asked) => void
  readonly known: Known
  readonly vehicle: Vehicle
  /** One car was asked for, and not the best of the pool. */
  readonly hasOneCar: boolean
}

/** The answer, the same of every car, and what was asked: one of them looked at. */
export function Answers(props: Props) {
  const { working, isPoolRunning, onStop, chosen, onChoose, names, asked, onAsk, known, vehicle, hasOneCar } = props
  const { result, pool, progress } = working
  const isRunning = working.status === 'running'
  const arrangement = result?.arrangements[chosen]
  return (
    <Tabs
      label={msg.answersAndQuestion}
      tabs={[
        {
          id: 'ways',
          label: msg.arrangements,
          content: (
            <div className="p-1">
              {isRunning ? (
                <WorkProgress
                  what={msg.waysLookedAt}
                  share={progress?.share ?? 0}
                  onStop={progress === undefined ? undefined : onStop}
                />
              ) : (
                result && (
                  <>
                    <Ways result={result} chosen={chosen} onChoose={onChoose} names={names} hasOneCar={hasOneCar} />
                    {arrangement && <BeforeThat arrangement={arrangement} names={names} />}
                    {arrangement && <ToMeasure result={result} arrangement={arrangement} names={names} />}
                    {result.verdict === 'does-not-fit' && (
                      <NoWay
                        result={result}
                        pins={working.request?.pins ?? []}
                        names={names}
                        asked={asked}
                        onAsk={onAsk}
                        pool={pool}
                        isPoolRunning={hasOneCar && pool === undefined}
                      />
                    )}
                  </>
                )
              )}
            </div>
          ),
        },
        {
          id: 'cars',
          label: msg.cars,
          content: (
            <CarTable
              pool={hasOneCar ? pool : result}
              isRunning={isRunning || isPoolRunning}
              vehicleId={asked.vehicleId}
              names={names}
              onChoose={(vehicleId) => onAsk({ ...asked, vehicleId })}
            />
          ),
        },
        {
          id: 'asked',
          label: msg.pinsAndWhoRides,
          content: <AskedPanel asked={asked} known={known} vehicle={vehicle} onAsk={onAsk} />,
        },
      ]}
    />
  )
}
