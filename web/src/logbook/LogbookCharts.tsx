import { dateText } from '@nimble-anchor/core/quantities'
import { type LogbookCharts as Charts, type Share } from '@nimble-anchor/core/formats'
import { ROUTE_KINDS, type RouteKind } from '@nimble-anchor/core/restraint'
import { STAGE_TEXT, STAGES } from '@nimble-anchor/core/verdict'
import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js'
import { Bar } from 'react-chartjs-2'
import { useAnswer } from '../session/queries.ts'
import { api } from '../session/api.ts'
import { Button } from '../ui/Button.tsx'
import { Panel } from '../ui/Panel.tsx'
import { ruleTitle } from './ruleTitle.ts'
import { Fold } from '../ui/Fold.tsx'
import * as msg from './messages.en.ts'

Chart.defaults.font.family = msg.atkinsonHyperlegibleNextVariableSans
Chart.defaults.font.size = 13
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip)
const colour = (token: string): string => getComputedStyle(document.documentElement).getPropertyValue(token).trim()

const LONGEST_LABEL = 36
const shortened = (text: string): string =>
  text.length <= LONGEST_LABEL ? text : `${text.slice(0, LONGEST_LABEL - 1)}…`

interface BarRow {
  /** The rule that it is about: pressed, it leads to the fittings. */
  readonly key?: string
  readonly label: string
  readonly value: number
  /** "3 of 40 (8 %)": what the bar says, in words. */
  readonly text: string
}

/** What a chart shows, as a table for those who cannot see it; a check leads to its fittings. */
function Figures({
  rows,
  onPick,
}: {
  readonly rows: readonly BarRow[]
  readonly onPick?: ((ruleId: string) => void) | undefined
}) {
  return (
    <Fold summary={msg.inFigures} triggerClassName="text-sm">
      <table className="w-full text-sm">
        <tbody>
          {rows.map((r) => (
            <tr key={r.label} className="border-b border-hair">
              <th scope="row" className="py-1 text-left font-normal">
                {r.key !== undefined && onPick ? (
                  <Button
                    look="bare"
                    className="min-h-11 text-left underline decoration-line underline-offset-4"
                    onClick={() => onPick(r.key ?? '')}
                  >
                    {r.label}
                  </Button>
                ) : (
                  r.label
                )}
              </th>
              <td className="text-right font-semibold">{r.text}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Fold>
  )
}

/** Horizontal bars, each with its figure; the same as a table for those who cannot see them. */
function Bars({
  title,
  rows,
  empty,
  onPick,
}: {
  readonly title: string
  readonly rows: readonly BarRow[]
  readonly empty: string
  readonly onPick?: (ruleId: string) => void
}) {
  const ink = colour('--ink')
  return (
    <section className="min-w-0">
      <h3 className="mb-1 font-bold">{title}</h3>
      {rows.length === 0 ? (
        <p className="text-ink-soft">{empty}</p>
      ) : (
        <>
          <div style={{ height: rows.length * 44 + 34 }}>
            <Bar
              aria-label={`${title}: ${rows.map((r) => `${r.label} ${r.text}`).join('; ')}`}
              data={{
                labels: rows.map((r) => [r.label]),
                datasets: [
                  {
                    data: rows.map((r) => r.value),
                    backgroundColor: colour('--shoal-deep'),
                    borderColor: colour('--line'),
                    borderWidth: 1,
                    barThickness: 17,
                  },
                ],
              }}
              options={{
                indexAxis: 'y',
                maintainAspectRatio: false,
                animation: false,
                onClick: (_event, elements) => {
                  const key = rows[elements[0]?.index ?? -1]?.key
                  if (key !== undefined) onPick?.(key)
                },
                plugins: {
                  legend: { display: false },
                  tooltip: { callbacks: { label: (item) => rows[item.dataIndex]?.text ?? '' } },
                },
                scales: {
                  x: { beginAtZero: true, grid: { color: colour('--hair') }, ticks: { color: ink, precision: 0 } },
                  y: {
                    grid: { display: false },
                    ticks: {
                      color: ink,
                      autoSkip: false,
                      callback: (_v, i) => [shortened(rows[i]?.label ?? ''), rows[i]?.text ?? ''],
                    },
                  },
                },
              }}
            />
          </div>
          <Figures rows={rows} onPick={onPick} />
        </>
      )}
    </section>
  )
}

const shareText = ({ count, of }: Share): string =>
  `${count} of ${of}${of > 0 ? ` (${Math.round((100 * count) / of)} %)` : ''}`
const counted = (shares: readonly Share[], name: (key: string) => string): BarRow[] =>
  shares.slice(0, 10).map((s) => ({ key: s.key, label: name(s.key), value: s.count, text: shareText(s) }))

type Oftenest = Charts['oftenestByRoute']
/** In per cent of what there was: a restraint that is used often is not a bad one. What fails most in it stands beside. */
const inPerCent = (shares: readonly Share[], oftenest: Oftenest, name: (key: string) => string): BarRow[] =>
  shares.map((s) => {
    const most = oftenest.find((o) => o.key === s.key)
    const which = most ? msg.mostly(ruleTitle(most.ruleId), most.count) : ''
    return {
      ...(most && { key: most.ruleId }),
      label: name(s.key),
      value: s.of === 0 ? 0 : (100 * s.count) / s.of,
      text: shareText(s) + which,
    }
  })

const weekText = (iso: string): string => dateText(iso, 'day-of-year')

/** Week by week: how many fittings, and in how many of them a check failed on the way. */
function Weeks({ weeks }: { readonly weeks: Charts['weeks'] }) {
  const ink = colour('--ink')
  const title = msg.fittingsAWeekAndThose
  return (
    <section className="min-w-0">
      <h3 className="mb-1 font-bold">{title}</h3>
      {weeks.length === 0 ? (
        <p className="text-ink-soft">{msg.nothingWasFittedYet}</p>
      ) : (
        <>
          <div style={{ height: 230 }}>
            <Bar
              aria-label={`${title}: ${weeks.map((w) => msg.weekOfWithAFailed(weekText(w.week), w.fittings, w.withFault)).join('; ')}`}
              data={{
                labels: weeks.map((w) => weekText(w.week)),
                datasets: [
                  {
                    label: msg.withAFailedCheck,
                    data: weeks.map((w) => w.withFault),
                    backgroundColor: colour('--fail'),
                  },
                  {
                    label: msg.without,
                    data: weeks.map((w) => w.fittings - w.withFault),
                    backgroundColor: colour('--shoal-deep'),
                    borderColor: colour('--line'),
                    borderWidth: 1,
                  },
                ],
              }}
              options={{
                maintainAspectRatio: false,
                animation: false,
                plugins: { legend: { display: true, labels: { color: ink, boxWidth: 14 } } },
                scales: {
                  x: { stacked: true, grid: { display: false }, ticks: { color: ink, maxRotation: 0 } },
                  y: {
                    stacked: true,
                    beginAtZero: true,
                    grid: { color: colour('--hair') },
                    ticks: { color: ink, precision: 0 },
                  },
                },
              }}
            />
          </div>
          <Figures
            rows={weeks.map((w) => ({
              label: msg.weekOf(weekText(w.week)),
              value: w.fittings,
              text: shareText({ key: '', count: w.withFault, of: w.fittings }),
            }))}
          />
        </>
      )}
    </section>
  )
}

interface Props {
  readonly asked: string
  /** Leads to the fittings in which a check failed. */
  readonly onCheck: (ruleId: string) => void
}

/** Summary of these fittings: what a lead would act on. */
export default function LogbookCharts({ asked, onCheck }: Props) {
  const { data: charts, isError } = useAnswer({
    queryKey: ['logbook-charts', asked],
    queryFn: () => api.logbookCharts(asked),
    placeholderData: (before) => before,
  })
  if (isError) return <p role="alert">{msg.theServerDoesNotAnswer}</p>
  if (charts === undefined) return <p className="p-4 text-ink-soft">{msg.counting}</p>
  const { onArrival } = charts
  return (
    <Panel
      className="mb-3"
      title={msg.summaryOf(charts.fittings.toLocaleString(), charts.fittings === 1 ? msg.fitting : msg.fittings2)}
    >
      <div className="grid gap-6 lg:grid-cols-2">
        <div className="flex flex-col gap-6">
          <Weeks weeks={charts.weeks} />
          <Bars
            title={msg.minutesInEachStageMedian}
            rows={STAGES.flatMap((stage) => {
              const m = charts.minutes.find((x) => x.stage === stage)
              return m
                ? [
                    {
                      label: STAGE_TEXT[stage],
                      value: m.median,
                      text: msg.min(m.median, m.fittings, m.fittings === 1 ? msg.fitting : msg.fittings2),
                    },
                  ]
                : []
            })}
            empty={msg.noTimeWasMeasuredYet}
          />
        </div>
        <Bars
          title={msg.wrongOnArrivalThatCame(shareText({ key: '', count: onArrival.withFault, of: onArrival.fittings }))}
          rows={counted(onArrival.faults, ruleTitle)}
          empty={onArrival.fittings === 0 ? msg.noneCameAlreadyFittedSay : msg.nothingWasWrongAtThe}
          onPick={onCheck}
        />
        <Bars
          title={msg.fittingsInWhichEachCheck}
          rows={counted(charts.failing, ruleTitle)}
          empty={msg.noCheckFailed}
          onPick={onCheck}
        />
        <Bars
          title={msg.withAFailedCheckBy}
          rows={inPerCent(charts.byRestraint, charts.oftenestByRestraint, (key) => key)}
          empty={msg.noRestraintWasChosenYet}
          onPick={onCheck}
        />
        <Bars
          title={msg.withAFailedCheckByRoute}
          rows={inPerCent(charts.byRoute, charts.oftenestByRoute, (key) => ROUTE_KINDS[key as RouteKind] ?? key)}
          empty={msg.noRouteWasChosenYet}
          onPick={onCheck}
        />
      </div>
    </Panel>
  )
}
