import { endingText, monthsText, quantilesText, type ModeForecast } from '@nimble-anchor/core/forecast'
import { type Standing } from '@nimble-anchor/core/match'

/** "3 years left (30 months to 3.5 years), then stature 105 cm": what the forecast says of one mode, or nothing. */
export function forecastText(forecast: ModeForecast | undefined, standing: Standing): string | undefined {
  if (!forecast || standing === 'outgrown' || standing === 'not-permitted') return undefined
  const [first] = forecast.endsBy
  const then = first ? `, then ${endingText(first)}` : ''
  if (standing === 'soon') {
    if (forecast.shareEverOpen < 0.5)
      return `by the forecast, over before it opens${first ? `: ${endingText(first)}` : ''}`
    return `opens in ${quantilesText(forecast.opensIn)}; lasts until ${monthsText(forecast.left.p50)} from now${then}`
  }
  return `${quantilesText(forecast.left)} left${then}`
}
