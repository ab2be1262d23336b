import { type GrowthMeasure } from '@nimble-anchor/core/growth'
import { formatNumber } from '@nimble-anchor/core/quantities'
import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
  type ChartDataset,
  type ChartOptions,
} from 'chart.js'
import { Line } from 'react-chartjs-2'
import type { CentileLine, LimitLine, CurvePoint, ReadingPoint } from './curves.ts'
import * as msg from './messages.en.ts'

Chart.register(Filler, Legend, LineController, LineElement, LinearScale, PointElement, Tooltip)

interface Props {
  readonly measure: GrowthMeasure
  readonly centiles: readonly CentileLine[]
  readonly low: readonly CurvePoint[]
  readonly middle: readonly CurvePoint[]
  readonly high: readonly CurvePoint[]
  readonly readings: readonly ReadingPoint[]
  readonly limits: readonly LimitLine[]
  readonly from: number
  readonly to: number
  /** What is drawn, for those who cannot see it. */
  readonly description: string
}

const NAME = { massKg: msg.massKg, statureCm: msg.statureCm } as const
const colour = (token: string): string => getComputedStyle(document.documentElement).getPropertyValue(token).trim()
const plain = (points: readonly CurvePoint[]): CurvePoint[] => points.map(({ x, y }) => ({ x, y }))

type CurveSet = ChartDataset<'line', CurvePoint[]>

function setsOf({ centiles, low, middle, high, readings, limits, from, to }: Props): CurveSet[] {
  const soft = colour('--line')
  const ink = colour('--ink')
  const magenta = colour('--magenta')
  const line = { pointRadius: 0, borderWidth: 1, fill: false } as const
  return [
    ...readings.map((r): CurveSet => ({
      ...line,
      label: '',
      data: [
        { x: r.x, y: r.value.lo },
        { x: r.x, y: r.value.hi },
      ],
      borderColor: ink,
      borderWidth: 3,
    })),
    {
      label: msg.readings,
      data: readings.map((r) => ({ x: r.x, y: (r.value.lo + r.value.hi) / 2 })),
      showLine: false,
      pointRadius: 5,
      pointBackgroundColor: colour('--sheet'),
      pointBorderColor: ink,
      pointBorderWidth: 2.5,
      borderColor: ink,
    },
    { ...line, label: msg.forecastHalf, data: plain(middle), borderColor: magenta, borderWidth: 2 },
    { ...line, label: '', data: plain(low), borderColor: 'transparent' },
    {
      ...line,
      label: msg.forecastEightInTen,
      data: plain(high),
      borderColor: 'transparent',
      backgroundColor: `color-mix(in srgb, ${magenta} 22%, transparent)`,
      fill: '-1',
    },
    ...limits.map((l): CurveSet => ({
      ...line,
      label: l.text,
      data: [
        { x: from, y: l.y },
        { x: to, y: l.y },
      ],
      borderColor: ink,
      borderDash: [8, 4],
      borderWidth: 1.5,
    })),
    ...centiles.map((c): CurveSet => ({
      ...line,
      label: '',
      data: plain(c.points),
      borderColor: soft,
      borderWidth: c.centile === 50 ? 1.8 : 1,
      ...(c.sex === 'male' && { borderDash: [3, 3] }),
    })),
  ]
}

/** Writes the centile at the right end of each line. */
const endLabels = (centiles: readonly CentileLine[]) => ({
  id: 'centile-ends',
  afterDatasetsDraw(chart: Chart) {
    const { ctx, scales, chartArea } = chart
    ctx.save()
    ctx.fillStyle = colour('--ink-soft')
    ctx.font = `12px ${getComputedStyle(document.body).fontFamily}`
    ctx.textBaseline = 'middle'
    for (const { centile, points, sex } of centiles) {
      const last = points.findLast((p) => p.x <= (scales.x?.max ?? 0))
      const y = last && scales.y?.getPixelForValue(last.y)
      if (y === undefined || y < chartArea.top || y > chartArea.bottom) continue
      if (sex === 'male' && centiles.some((c) => c.sex === 'female')) continue
      ctx.fillText(String(centile), chartArea.right + 5, y)
    }
    ctx.restore()
  },
})

export function GrowthChart(props: Props) {
  const { measure, from, to, description, centiles } = props
  const ink = colour('--ink')
  const hair = colour('--hair')
  const font = { family: getComputedStyle(document.body).fontFamily, size: 13 }
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    layout: { padding: { right: 26 } },
    scales: {
      x: {
        type: 'linear',
        min: from,
        max: to,
        title: { display: true, text: msg.ageMonths, color: ink, font },
        ticks: { color: ink, font, stepSize: 12 },
        grid: { color: hair },
      },
      y: {
        title: { display: true, text: NAME[measure], color: ink, font },
        ticks: { color: ink, font },
        grid: { color: hair },
      },
    },
    plugins: {
      legend: {
        labels: { color: ink, font, boxWidth: 14, boxHeight: 6, filter: (item) => item.text !== '' },
        onClick: () => undefined,
      },
      tooltip: {
        filter: (item) => item.dataset.label !== '',
        callbacks: {
          title: (items) => `${formatNumber(items[0]?.parsed.x ?? 0)} months`,
          label: (item) =>
            `${item.dataset.label}: ${formatNumber(item.parsed.y ?? 0)} ${measure === 'massKg' ? 'kg' : 'cm'}`,
        },
      },
    },
  }
  return (
    <div className="h-80">
      <Line
        aria-label={description}
        data={{ datasets: setsOf(props) }}
        options={options}
        plugins={[endLabels(centiles)]}
      />
    </div>
  )
}
