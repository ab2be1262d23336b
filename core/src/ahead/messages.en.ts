/** What this folder says, in English. */

// road-ahead
export const fromMm = (formatNumber: string) => ` from ${formatNumber} mm`
export const theNextMarkOfThe = (at: string) => `the next mark of the gauge${at}`
export const theHeadSupportsNextClick = (at: string) => `the head support’s next click${at}`
export const slotMm = (number: number, heightMm: string) => `slot ${number} (${heightMm} mm)`
export const fromAYearToWithout = (fromDeg: number, toDeg: number, formatInterval: string) =>
  `from a year ${fromDeg} to ${toDeg}°; without it the shell stands at ${formatInterval}`
export const lookAtTheFitAgain = 'Look at the fit again'
export const everyMonthsAtThisAge = (months: number) => `every ${months} months at this age`
export const wedgeOut = 'Wedge out'
export const theMakerAllowsItUntil = (limitText: string) => `the maker allows it until ${limitText}`
export const strapsUpTo = (text: string) => `Straps up to ${text}`
export const theShoulderHasGrownPast = 'the shoulder has grown past the present one'
export const mayTurnForward = (label: string) => `May turn forward (${label})`
export const everyConditionIsMetThen =
  'every condition is met then; your profile keeps it rearward to the end of the mode'
export const everyConditionIsMetThen2 = 'every condition is met then'
export const guardAgainstFacingForwardMay = 'Guard against facing forward may be opened'
export const notBeforeLeaveItSet = 'not before; leave it set while your profile keeps it rearward'
export const notBefore = 'not before'
export const outgrown = (label: string) => `${label}: outgrown`
export const firstByForMost = (endingText: string) => `first by ${endingText} for most`
export const aLimitOfTheMode = 'a limit of the mode'
export const localRuleAsksForNo = 'Local rule asks for no restraint any more'
export const confirmWithYourAuthority = (name: string) => `${name}; confirm with your authority`
export const unitLastDayOfIts = (serial: string) => `Unit ${serial}: last day of its life`
export const statedByTheMaker = 'stated by the maker'
