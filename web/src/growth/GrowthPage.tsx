import { fittingIdSchema } from '@nimble-anchor/core/ground'
import { chosenIn, type Case } from '@nimble-anchor/core/casefile'
import { DEFAULT_TRAJECTORIES, quantilesText } from '@nimble-anchor/core/forecast'
import { type GrowthReading } from '@nimble-anchor/core/formats'
import {
  centileText,
  growthAgeMonths,
  growthStanding,
  shrinkSlips,
  type GrowthMeasure,
} from '@nimble-anchor/core/growth'
import { formatAge, formatInterval, formatNumber } from '@nimble-anchor/core/quantities'
import { modelName } from '@nimble-anchor/core/restraint'
import { useEffect, useMemo, useState } from 'react'
import { Link, useParams } from 'react-router'
import { forecastKey } from '../forecast/protocol.ts'
import { useForecast } from '../forecast/useForecast.ts'
import { useFitting } from '../session/fitting.ts'
import { stockOf, useCatalogue } from '../session/catalogue.ts'
import { usePreferences } from '../session/preferences.ts'
import { useReadings } from '../session/readings.ts'
import { Choices } from '../ui/Choices.tsx'
import { Panel } from '../ui/Panel.tsx'
import { upperFirst } from '../ui/words.ts'
import { bandPoints, centileLines, limitLines, readingPoints } from './curves.ts'
import { GrowthChart } from './GrowthChart.tsx'
import { Fold } from '../ui/Fold.tsx'
import { Told } from '../ui/Told.tsx'
import * as msg from './messages.en.ts'

const SPANS = [
  { id: '24', label: msg.twoYearsAhead },
  { id: '60', label: msg.fiveYears },
  { id: '144', label: msg.toTwelveYears },
] as const
/** How much of the past is shown beside the readings. */
const PAST_MONTHS = 12
const MEASURES: readonly { readonly measure: GrowthMeasure; readonly title: string; readonly unit: string }[] = [
  { measure: 'massKg', title: msg.mass, unit: 'kg' },
  { measure: 'statureCm', title: msg.stature, unit: 'cm' },
]

export default function GrowthPage() {
  // An address that is no id of a fitting is that of none.
  const id = fittingIdSchema.safeParse(useParams().id).data
  const { case: current, status, open, view } = useFitting()
  useEffect(() => {
    if (id !== undefined) void open(id)
  }, [open, id])
  if (id === undefined || status === 'missing' || status === 'failed') {
    return (
      <div className="mx-auto max-w-xl p-8">
        <h1 className="text-2xl font-bold">
          {id === undefined || status === 'missing' ? msg.thereIsNoSuchFitting : msg.theServerDoesNotAnswer}
        </h1>
        <Link to="/" className="mt-3 inline-block font-semibold text-magenta underline">
          {msg.goToToday}
        </Link>
      </div>
    )
  }
  if (!current || view?.id !== id) return <p className="p-8 text-ink-soft">{msg.loading}</p>
  return <Growth id={id} current={current} />
}

function Growth({ id, current }: { readonly id: string; readonly current: Case }) {
  const { catalogue } = useCatalogue()
  const scheme = usePreferences((s) => s.scheme)
  const [span, setSpan] = useState<string>('60')
  const { child, today } = current
  const name = [child.name, child.familyName].filter(Boolean).join(' ')
  useEffect(() => {
    document.title = msg.growthNimbleAnchor
  }, [])
  const stock = useMemo(() => (catalogue ? stockOf(catalogue) : []), [catalogue])
  const forecast = useForecast(current, stock)
  const readings = useReadings(child.id)
  const { model, mode, unit } = chosenIn(current)
  const modeForecast = model && mode && forecast.answer?.modes.get(forecastKey({ model, mode, unit }))
  const age = growthAgeMonths(child, today)?.lo
  const slips = shrinkSlips(child, today, readings)

  return (
    <div className="mx-auto max-w-6xl p-3 sm:p-5">
      <p>
        <Link
          to={`/fittings/${id}/choose`}
          className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4"
        >
          {msg.backToTheFitting}
        </Link>
      </p>
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl font-bold tracking-tight">{msg.growthOf(name)}</h1>
          <p className="text-ink-soft">
            {age === undefined ? msg.ageNotKnown : formatAge(age)}
            {child.sex === undefined ? msg.sexNotSaidSoThe : ''}
            {model && mode ? msg.limitsOf(modelName(model), mode.label) : msg.noModeChosen}
          </p>
        </div>
        <Choices legend={msg.howFarAhead} hideLegend value={span} options={[...SPANS]} onChoose={setSpan} />
      </div>
      {slips.map((text) => (
        <p key={text} role="alert" className="mb-3 border-l-4 border-fail pl-3 font-semibold text-fail">
          {text}
        </p>
      ))}
      {age === undefined ? (
        <Panel title={msg.noCurveWithoutAnAge}>
          <p>{msg.enterTheDayOfBirth}</p>
        </Panel>
      ) : (
        <>
          {modeForecast && (
            <p className="mb-3 rounded-[3px] border border-line bg-sheet px-3 py-2">
              <Told text={msg.leftByTheForecast(modelName(model), quantilesText(modeForecast.left))} />
            </p>
          )}
          {forecast.status === 'running' && (
            <p className="mb-2 text-sm text-ink-soft">{msg.forecasting(Math.round(forecast.share * 100))}</p>
          )}
          {forecast.status === 'not-enough' && (
            <p className="mb-2 text-sm text-ink-soft">{msg.noForecastWithoutAMass}</p>
          )}
          <div className="grid gap-3 lg:grid-cols-2">
            {MEASURES.map(({ measure, title, unit: unitOf }) => (
              <Curve
                key={`${measure}/${scheme}`}
                current={current}
                readings={readings}
                measure={measure}
                title={title}
                unit={unitOf}
                age={age}
                to={Math.min(144, Math.ceil((age + Number(span)) / 12) * 12)}
                forecast={forecast}
              />
            ))}
          </div>
          <p className="mt-3 max-w-3xl text-sm text-ink-soft">
            {msg.linesWhoTablesCentiles3((forecast.answer?.count ?? DEFAULT_TRAJECTORIES).toLocaleString('en'))}
          </p>
        </>
      )}
    </div>
  )
}

interface CurveProps {
  readonly current: Case
  readonly readings: readonly GrowthReading[]
  readonly measure: GrowthMeasure
  readonly title: string
  readonly unit: string
  readonly age: number
  readonly to: number
  readonly forecast: ReturnType<typeof useForecast>
}

function Curve({ current, readings, measure, title, unit, age, to, forecast }: CurveProps) {
  const { child, today } = current
  const from = Math.max(0, Math.floor((age - PAST_MONTHS) / 12) * 12)
  const bands = forecast.answer?.[measure] ?? []
  const points = readingPoints(current, readings, measure)
  const standing = growthStanding(child, today, measure)
  const limits = limitLines(chosenIn(current).mode, measure)
  const sexes = child.sex === undefined ? (['female', 'male'] as const) : [child.sex]
  const years = bands.filter((b) => b.month > 0 && b.month % 12 === 0 && age + b.month <= to + 1)
  const description = [
    msg.byAgeWithCentileLines(title),
    `${points.length} readings`,
    ...years.slice(0, 3).map((b) => msg.inYearsTo(b.month / 12, formatNumber(b.p10), formatNumber(b.p90), unit)),
    ...limits.map((l) => `limit ${l.text}`),
  ].join('; ')
  return (
    <Panel
      title={title}
      aside={
        <span className="text-sm text-ink-soft">{standing ? upperFirst(centileText(standing)) : msg.notMeasured}</span>
      }
    >
      <GrowthChart
        measure={measure}
        centiles={centileLines(measure, sexes, from, to)}
        low={bandPoints(bands, age, to, 'p10')}
        middle={bandPoints(bands, age, to, 'p50')}
        high={bandPoints(bands, age, to, 'p90')}
        readings={points}
        limits={limits}
        from={from}
        to={to}
        description={description}
      />
      <Fold className="mt-2" summary={msg.inFigures}>
        <table className="w-full text-[0.95rem]">
          <thead>
            <tr className="text-left text-sm text-ink-soft">
              <th scope="col">{msg.when}</th>
              <th scope="col">{msg.low1In10}</th>
              <th scope="col">{msg.half}</th>
              <th scope="col">{msg.high1In10}</th>
            </tr>
          </thead>
          <tbody>
            {points.map((p) => (
              <tr key={`${p.on}/${p.x}`} className="border-t border-hair">
                <th scope="row" className="text-left font-normal">
                  {p.on}
                </th>
                <td colSpan={3}>{msg.measured(formatInterval(p.value, unit))}</td>
              </tr>
            ))}
            {years.map((b) => (
              <tr key={b.month} className="border-t border-hair">
                <th scope="row" className="text-left font-normal">
                  {msg.inWord(b.month / 12)} {b.month === 12 ? msg.year : msg.years}
                </th>
                <td>{formatNumber(b.p10)}</td>
                <td>{formatNumber(b.p50)}</td>
                <td>{formatNumber(b.p90)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Fold>
    </Panel>
  )
}
