import { endingText, monthsText, quantilesText, type ModeForecast } from '@nimble-anchor/core/forecast'
import { type Standing } from '@nimble-anchor/core/match'
import * as msg from './messages.en.ts'

/** "3 years left (30 months to 3.5 years), then stature 105 cm": what the forecast says of one mode, or nothing. */
export function forecastText(forecast: ModeForecast | undefined, standing: Standing): string | undefined {
  if (!forecast || standing === 'outgrown' || standing === 'not-permitted') return undefined
  const [first] = forecast.endsBy
  const then = first ? msg.then(endingText(first)) : ''
  if (standing === 'soon') {
    if (forecast.shareEverOpen < 0.5) return msg.byTheForecastOverBefore(first ? `: ${endingText(first)}` : '')
    return msg.opensInLastsUntilFrom(quantilesText(forecast.opensIn), monthsText(forecast.left.p50), then)
  }
  return `${quantilesText(forecast.left)} left${then}`
}
