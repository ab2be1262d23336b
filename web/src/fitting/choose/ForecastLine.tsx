import { ChartSpline } from 'lucide-react'
import { Link } from 'react-router'
import type { Forecast } from '../../forecast/useForecast.ts'
import { Button } from '../../ui/Button.tsx'
import { ProgressBar } from '../../ui/ProgressBar.tsx'
import * as msg from './messages.en.ts'

/** How the growth forecast stands: progress with a way to stop it, or where to read it. */
export function ForecastLine({ forecast, growthPath }: { readonly forecast: Forecast; readonly growthPath: string }) {
  const { status, share, cancel, restart } = forecast
  if (status === 'not-enough') {
    return <p className="text-sm text-ink-soft">{msg.forMonthsLeftAgeAnd}</p>
  }
  if (status === 'running') {
    const percent = Math.round(share * 100)
    return (
      <p className="flex items-center gap-3 text-sm text-ink-soft">
        <ProgressBar label={msg.growthForecast} share={share} className="h-2.5 w-32" />
        {msg.forecast(percent)}
        <Button look="quiet" onClick={cancel}>
          {msg.stop}
        </Button>
      </p>
    )
  }
  if (status === 'cancelled' || status === 'failed') {
    return (
      <p className="flex items-center gap-3 text-sm text-ink-soft">
        {status === 'cancelled' ? msg.theGrowthForecastWasStopped : msg.theGrowthForecastFailed}
        <Button look="quiet" onClick={restart}>
          {msg.forecastAgain}
        </Button>
      </p>
    )
  }
  return (
    <Link
      to={growthPath}
      className="inline-flex min-h-9 items-center gap-1.5 px-2 font-semibold underline underline-offset-4 hover:bg-shoal max-lg:min-h-11 pointer-coarse:min-h-11"
    >
      <ChartSpline size={18} aria-hidden="true" />
      {msg.growthCurves}
    </Link>
  )
}
