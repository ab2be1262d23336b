/** What the screens of this folder say, in English. */

// drivers
export const standIn = (label: string) => `${label}, stand-in`
export const thisDevicesOwnSensor = 'This device’s own sensor'
export const theSensorGivesTheSame = 'The sensor gives the same figures again and again: it is not measuring.'
export const theBrowserWasNotAllowed = 'The browser was not allowed to read the sensor.'
export const theSensorOfThisDevice = 'The sensor of this device does not answer.'
export const theBrowserDoesNotGive = 'The browser does not give the sensor to this page.'

// InstrumentDialog
export const atRestIsInSource = (formatNumber: string, formatNumber2: string, unit: string, field: string) =>
  `At rest: ${formatNumber} ± ${formatNumber2} ${unit} is in “${field}”, source instrument.`
export const atRestAndNotTaken = 'At rest, and not taken.'
export const itDoesNotComeTo =
  'It does not come to rest. Try again when it is calm, or type what you read with a ± that covers it.'
export const standInSimulatedNoDevice = 'Stand-in: simulated, no device is connected'
export const whatItHasOnIt = (unit: string) => `What it has on it, ${unit}`
export const andHowIt = 'And how it'
export const readAgain = 'Read again'
export const read = 'Read'
export const whatItHasOnItMust = 'What it has on it must be a number, such as 10.4.'
export const useThisDevicesOwnSensor = 'Use this device’s own sensor'
export const done = 'Done'
export const close = 'Close'
export const theLastEightSecondsOf = 'The last eight seconds of the reading'

// InstrumentButton
export const readFromThe = (field: string, label: string) => `${field}: read from the ${label}`
