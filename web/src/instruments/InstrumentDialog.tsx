import { type Fault } from '@nimble-anchor/core/ground'
import {
  BEHAVIOURS,
  INSTRUMENTS,
  settleText,
  type Behaviour,
  type InstrumentDriver,
  type InstrumentKind,
  type InstrumentSpec,
  type Sample,
  type SettleState,
} from '@nimble-anchor/core/instruments'
import { formatNumber, type Quantity } from '@nimble-anchor/core/quantities'
import { useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { SelectField } from '../ui/SelectField.tsx'
import { StateMark, type MarkState } from '../ui/StateMark.tsx'
import { hasOwnSensor, ownInclinometer, standInDriver, type Against } from './drivers.ts'
import { useInstrument } from './useInstrument.ts'
import { TextInput } from '../ui/TextInput.tsx'
import * as msg from './messages.en.ts'

interface Props {
  readonly kind: InstrumentKind
  readonly field: string
  readonly value: number | undefined
  readonly against: Against | undefined
  readonly onTake: (quantity: Quantity) => readonly Fault[]
  readonly onClose: () => void
}

/** What a stand-in has on it until somebody says otherwise. */
const USUAL: Record<InstrumentKind, number> = { scale: 10.4, 'height-gauge': 79, inclinometer: 12, 'strap-gauge': 9 }

const STATE_MARK: Record<SettleState['kind'], MarkState> = {
  waiting: 'not-started',
  empty: 'not-started',
  drifting: 'undecided',
  restless: 'undecided',
  'coming-to-rest': 'undecided',
  settled: 'pass',
}

const digitsOf = ({ resolution }: InstrumentSpec): number => (resolution >= 1 ? 0 : resolution >= 0.1 ? 1 : 2)

/** A stand-in differs each time it is started, as a real child does. */
const newSeed = (): number => Math.floor(Math.random() * 1e9)

export default function InstrumentDialog({ kind, field, value, against, onTake, onClose }: Props) {
  const spec: InstrumentSpec = INSTRUMENTS[kind]
  const [truth, setTruth] = useState(String(value ?? USUAL[kind]))
  const [behaviour, setBehaviour] = useState<Behaviour>(kind === 'scale' ? 'wriggles-then-calm' : 'calm')
  const [driver, setDriver] = useState<InstrumentDriver | null>(null)
  const [fault, setFault] = useState('')
  const reading = useInstrument(driver, (settled, plusMinus) => {
    const faults = onTake({ value: settled, plusMinus, source: 'instrument' })
    setFault(faults[0] ? `${field} ${faults[0].message}` : '')
  })
  const { state } = reading
  const isSettled = state.kind === 'settled'
  const last = reading.trace.at(-1)
  const digits = digitsOf(spec)
  const number = Number(truth.replace(',', '.'))
  const canStart = truth.trim() !== '' && Number.isFinite(number)
  const begin = (next: InstrumentDriver): void => {
    setFault('')
    setDriver(next)
  }

  return (
    <Dialog open onOpenChange={(open) => !open && onClose()} title={`${field}: ${spec.label.toLowerCase()}`}>
      <p>{spec.how}</p>
      <div className="mt-3 grid gap-3 sm:grid-cols-[12rem_minmax(0,1fr)]">
        <p className="rounded-[3px] border border-line bg-paper px-3 py-2 text-right">
          <span className="text-4xl font-bold">
            {isSettled ? formatNumber(state.value, digits) : last ? formatNumber(last.value, digits) : '–'}
          </span>{' '}
          <span className="text-lg">{spec.unit}</span>
          <span className="block text-sm text-ink-soft">
            {isSettled ? `± ${formatNumber(state.plusMinus, Math.max(digits, 2))} ${spec.unit}` : ' '}
          </span>
        </p>
        <Trace trace={reading.trace} spec={spec} isSettled={isSettled} />
      </div>
      <div role="status" className="mt-2 min-h-11 font-semibold">
        {driver && reading.gone === undefined && (
          <StateMark
            state={STATE_MARK[state.kind]}
            word={
              isSettled
                ? fault === ''
                  ? msg.atRestIsInSource(
                      formatNumber(state.value, digits),
                      formatNumber(state.plusMinus, 2),
                      spec.unit,
                      field,
                    )
                  : msg.atRestAndNotTaken
                : settleText(state, spec)
            }
          />
        )}
        {reading.gone !== undefined && <span className="text-fail">{reading.gone}</span>}
        {reading.isLong && !isSettled && <p className="font-normal">{msg.itDoesNotComeTo}</p>}
      </div>
      <p role="alert" className="font-semibold text-fail">
        {fault}
      </p>
      <fieldset className="mt-2 rounded-[3px] border border-hair p-3">
        <legend className="px-1 text-sm font-semibold text-ink-soft">{msg.standInSimulatedNoDevice}</legend>
        <div className="flex flex-wrap items-end gap-3">
          <label className="flex flex-col gap-1 text-sm font-semibold text-ink-soft">
            {msg.whatItHasOnIt(spec.unit)}
            <TextInput
              inputMode="decimal"
              value={truth}
              onChange={(e) => setTruth(e.target.value)}
              className="w-24 text-right text-base"
            />
          </label>
          <SelectField
            label={msg.andHowIt}
            value={behaviour}
            options={Object.entries(BEHAVIOURS).map(([id, label]) => ({ id, label }))}
            onChange={(id) => setBehaviour(id as Behaviour)}
          />
          <Button
            look={isSettled ? 'plain' : 'main'}
            disabled={!canStart}
            onClick={() => begin(standInDriver(kind, { value: number, behaviour }, newSeed()))}
          >
            {driver ? msg.readAgain : msg.read}
          </Button>
        </div>
        {!canStart && <p className="mt-1 text-sm text-fail">{msg.whatItHasOnItMust}</p>}
      </fieldset>
      <div className="mt-3 flex flex-wrap justify-between gap-2">
        {kind === 'inclinometer' && hasOwnSensor() ? (
          <Button onClick={() => begin(ownInclinometer(against ?? 'cushion'))}>{msg.useThisDevicesOwnSensor}</Button>
        ) : (
          <span />
        )}
        <Button look={isSettled ? 'main' : 'plain'} onClick={onClose}>
          {isSettled ? msg.done : msg.close}
        </Button>
      </div>
    </Dialog>
  )
}

const WIDTH = 320
const HEIGHT = 92

/** The last seconds of the stream; what has settled lies in a band of its ±. */
function Trace({ trace, spec, isSettled }: { trace: readonly Sample[]; spec: InstrumentSpec; isSettled: boolean }) {
  const last = trace.at(-1)
  const values = trace.map((s) => s.value)
  const low = Math.min(...values)
  const high = Math.max(...values)
  const room = Math.max(high - low, spec.spreadMax * 6)
  const middle = (low + high) / 2
  const x = (tMs: number): number => WIDTH - ((last?.tMs ?? 0) - tMs) * (WIDTH / 8000)
  const y = (value: number): number => HEIGHT / 2 - ((value - middle) / room) * (HEIGHT - 14)
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={msg.theLastEightSecondsOf}
      className="graticule h-full w-full rounded-[3px] border border-line bg-shoal"
      preserveAspectRatio="none"
    >
      {trace.length > 1 && (
        <path
          d={trace.map((s, i) => `${i === 0 ? 'M' : 'L'}${x(s.tMs).toFixed(1)} ${y(s.value).toFixed(1)}`).join('')}
          fill="none"
          stroke={isSettled ? 'var(--pass)' : 'var(--ink)'}
          strokeWidth="1.800"
        />
      )}
    </svg>
  )
}
