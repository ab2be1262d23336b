/** What the screens of this folder say, in English. */

// curves
export const from = (from: number, unit: string) => `from ${from} ${unit}`
export const to = (to: number, unit: string) => `to ${to} ${unit}`

// GrowthChart
export const massKg = 'Mass, kg'
export const statureCm = 'Stature, cm'
export const readings = 'readings'
export const forecastHalf = 'forecast, half'
export const forecastEightInTen = 'forecast, eight in ten'
export const ageMonths = 'Age, months'

// GrowthPage
export const twoYearsAhead = 'two years ahead'
export const fiveYears = 'five years'
export const toTwelveYears = 'to twelve years'
export const stature = 'Stature'
export const thereIsNoSuchFitting = 'There is no such fitting'
export const theServerDoesNotAnswer = 'The server does not answer'
export const goToToday = 'Go to Today'
export const loading = 'Loading.'
export const growthNimbleAnchor = 'Growth · Nimble Anchor'
export const backToTheFitting = 'Back to the fitting'
export const growthOf = (name: string) => `Growth of ${name}`
export const ageNotKnown = 'Age not known'
export const sexNotSaidSoThe = '; sex not said, so the lines of girls (whole) and boys (dotted)'
export const limitsOf = (modelName: string, label: string) => `; limits of ${modelName}, ${label}`
export const noModeChosen = '; no mode chosen'
export const howFarAhead = 'How far ahead'
export const noCurveWithoutAnAge = 'No curve without an age'
export const enterTheDayOfBirth = 'Enter the date of birth, or the age as told, at Measure.'
export const leftByTheForecast = (modelName: string, quantilesText: string) =>
  `**${modelName}**: ${quantilesText} left by the forecast.`
export const forecasting = (percent: number) => `Forecasting: ${percent} %`
export const noForecastWithoutAMass = 'No forecast without a mass or a stature.'
export const linesWhoTablesCentiles3 = (count: string) =>
  `Lines: WHO tables, centiles 3 to 97; mass above ten years is derived, not published. The forecast draws ${count} possible children from today’s measures and lets their place among children of their age drift; it is for planning the next visit, and measuring decides.`
export const byAgeWithCentileLines = (title: string) => `${title} by age with centile lines`
export const inYearsTo = (years: number, from: string, to: string, unit: string) =>
  `in ${years} years ${from} to ${to} ${unit}`
export const notMeasured = 'not measured'
export const inFigures = 'In figures'
export const when = 'When'
export const low1In10 = 'Low (1 in 10)'
export const half = 'Half'
export const high1In10 = 'High (1 in 10)'
export const measured = (formatInterval: string) => `${formatInterval}, measured`
export const inWord = (years: number) => `in ${years}`
export const year = 'year'
export const years = 'years'
export const mass = 'Mass'
