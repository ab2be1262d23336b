import { type LogbookCharts as Charts, type Share } from '@nimble-anchor/core/formats'
import { ROUTE_KINDS, type RouteKind } from '@nimble-anchor/core/restraint'
import { STAGE_TEXT, STAGES } from '@nimble-anchor/core/verdict'
import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js'
import { useEffect, useState } from 'react'
import { Bar } from 'react-chartjs-2'
import { api } from '../session/api.ts'
import { Panel } from '../ui/Panel.tsx'
import { ruleTitle } from './ruleTitle.ts'
import { Fold } from '../ui/Fold.tsx'

Chart.defaults.font.family = '"Atkinson Hyperlegible Next Variable", sans-serif'
Chart.defaults.font.size = 13
Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip)
const colour = (token: string): string => getComputedStyle(document.documentElement).getPropertyValue(token).trim()

interface BarRow {
  readonly label: string
  readonly value: number
  /** "3 of 40 (8 %)": what the bar says, in words. */
  readonly text: string
}

/** Horizontal bars, each with its figure; the same as a table for those who cannot see them. */
function Bars({ title, rows, empty }: { readonly title: string; readonly rows: readonly BarRow[]; readonly empty: string }) {
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
                datasets: [{ data: rows.map((r) => r.value), backgroundColor: colour('--shoal-deep'), borderColor: colour('--line'), borderWidth: 1, barThickness: 17 }],
              }}
              options={{
                indexAxis: 'y',
                maintainAspectRatio: false,
                animation: false,
                plugins: { legend: { display: false }, tooltip: { callbacks: { label: (item) => rows[item.dataIndex]?.text ?? '' } } },
                scales: {
                  x: { beginAtZero: true, grid: { color: colour('--hair') }, ticks: { color: ink, precision: 0 } },
                  y: { grid: { display: false }, ticks: { color: ink, autoSkip: false, callback: (_v, i) => [(rows[i]?.label ?? '').slice(0, 34), rows[i]?.text ?? ''] } },
                },
              }}
            />
          </div>
          <Fold summary="In figures" triggerClassName="text-sm">
            <table className="w-full text-sm">
              <tbody>
                {rows.map((r) => (
                  <tr key={r.label} className="border-b border-hair">
                    <th scope="row" className="py-1 text-left font-normal">
                      {r.label}
                    </th>
                    <td className="text-right font-semibold">{r.text}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </Fold>
        </>
      )}
    </section>
  )
} // prettier-ignore

const shareText = ({ count, of }: Share): string =>
  `${count} of ${of}${of > 0 ? ` (${Math.round((100 * count) / of)} %)` : ''}`
const counted = (shares: readonly Share[], name: (key: string) => string): BarRow[] =>
  shares.slice(0, 10).map((s) => ({ label: name(s.key), value: s.count, text: shareText(s) }))
/** In per cent of what there was: a restraint that is used often is not a bad one. */
const inPerCent = (shares: readonly Share[], name: (key: string) => string): BarRow[] =>
  shares.map((s) => ({ label: name(s.key), value: s.of === 0 ? 0 : (100 * s.count) / s.of, text: shareText(s) }))

/** Summary of these fittings. */
export default function LogbookCharts({ asked }: { readonly asked: string }) {
  const [answer, setAnswer] = useState<{ readonly asked: string; readonly charts: Charts | null } | null>(null)
  useEffect(() => {
    let isOver = false
    api.logbookCharts(asked).then(
      (charts) => !isOver && setAnswer({ asked, charts }),
      () => !isOver && setAnswer({ asked, charts: null }),
    )
    return () => {
      isOver = true
    }
  }, [asked])
  if (answer === null) return <p className="p-4 text-ink-soft">Counting.</p>
  const { charts } = answer
  if (charts === null) return <p role="alert">The server does not answer.</p>
  const { onArrival } = charts
  return (
    <Panel className="mb-3" title="Summary of these fittings">
      <div className="grid gap-6 lg:grid-cols-2">
        <Bars title="Fittings in which each check failed" rows={counted(charts.failing, ruleTitle)} empty="No check failed." />
        <Bars
          title="Minutes in each stage, median"
          rows={STAGES.flatMap((stage) => {
            const m = charts.minutes.find((x) => x.stage === stage)
            return m ? [{ label: STAGE_TEXT[stage], value: m.median, text: `${m.median} min, ${m.fittings} ${m.fittings === 1 ? 'fitting' : 'fittings'}` }] : []
          })}
          empty="No time was measured yet: it is the time between entries, pauses over ten minutes left out."
        />
        <Bars
          title="With a failed check, by route, per cent"
          rows={inPerCent(charts.byRoute, (key) => ROUTE_KINDS[key as RouteKind] ?? key)}
          empty="No route was chosen yet."
        />
        <Bars title="With a failed check, by restraint, per cent" rows={inPerCent(charts.byRestraint, (key) => key)} empty="No restraint was chosen yet." />
        <div className="lg:col-span-2">
          <Bars
            title={`Wrong on arrival: ${shareText({ key: '', count: onArrival.withFault, of: onArrival.fittings })} that came already fitted`}
            rows={counted(onArrival.faults, ruleTitle)}
            empty={onArrival.fittings === 0 ? 'None came already fitted: say so when a fitting begins.' : 'Nothing was wrong at the first look.'}
          />
        </div>
      </div>
    </Panel>
  )
} // prettier-ignore
