/** What this folder says, in English. */

// case
export const mustBeStrokesAsM10 = 'must be strokes as "M10 20L30 40…"'
export const mustNotBeAfter = (today: string) => `must not be after ${today}`
export const noUnitInThisCase = (baseUnitId: string) => `no unit "${baseUnitId}" in this case`
export const unitIsANotA = (id: string, modelId: string, modelId2: string) =>
  `unit "${id}" is a "${modelId}", not a "${modelId2}"`
export const mustBeAnotherUnitThan = 'must be another unit than the shell'
export const noRestraintInThisCase = (modelId: string) => `no restraint "${modelId}" in this case`
export const noModeInTheChosen = (modeId: string) => `no mode "${modeId}" in the chosen restraint`
export const noRouteInTheChosen = (routeId: string) => `no route "${routeId}" in the chosen mode`
export const noPlaceInTheVehicle = (positionId: string) => `no place "${positionId}" in the vehicle`
export const theModeHasNoRecline = (recline: string) => `the mode has no recline "${recline}"`
export const theModeHasNoInsert = (id: string) => `the mode has no insert "${id}"`
export const mustBeAtMostThe = (notches: number) => `must be at most ${notches}, the leg's last notch`
export const nimbleAnchorCaseFile = 'Nimble Anchor case file'

// consequences
export const notKnown = 'not known'
export const toMonths = (lo: number, hi: number) => `${lo} to ${hi} months`

// changes
export const nothingWasNotedBefore = 'nothing was recorded before'
export const somethingWasEnteredSinceThat = 'something was entered since: that is not a slip, the step was done again'
export const mustBeWhatWasNoted = (stringify: string) => `must be what was recorded: ${stringify}`
export const isNotAFieldThat = (path: string) => `"${path}" is not a field that can be set`

// collide
export const hasChangedSince = (who: string, what: string) => `${who} has changed ${what} since.`
export const whatItStoodOnWas = 'what it stood on was changed'
export const wasLookedAtBeforeEntered = (what: string, who: string, why: string) =>
  `${what} was checked before ${who} entered that ${why}: check again.`

// upgrade
export const partsOnceEntered = (said: string) => `Parts once entered, which do not add up: ${said}.`
