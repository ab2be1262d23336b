/** What the screens of this folder say, in English. */

// SettingField
export const notRecorded = 'not recorded'
export const whatIsSet = 'What is set'
export const reclineBefore = 'Recline before'
export const nextRecline = 'Next recline'
export const notch = (number: number) => `notch ${number}`
export const oneNotchShorter = 'One notch shorter'
export const oneNotchLonger = 'One notch longer'
export const wedgeIn = 'wedge in'
export const noWedge = 'no wedge'
export const whatIsIn = 'What is in'
export const noneIsIn = 'None is in'
export const whatIsSet0To = (mostMm: number) => `What is set, 0 to ${mostMm} mm`
export const whereItIs = 'Where it is'
export const onItsSeat = 'on its seat'
export const offStowedInTheLoad = 'off, stowed in the load space'
export const offLooseInTheCabin = 'off, loose in the cabin'
export const oneSlotDown = 'One slot down'
export const oneSlotUp = 'One slot up'
export const whatIsSetMmAbove = 'What is set, mm above the seat'
export const mustBeANumberSuch = 'must be a number, such as 20'

// SeatInFrontPanel
export const theDriversSeatInFront = 'The driver’s seat in front'
export const theSeatInFront = 'The seat in front'
export const backrestToIt = (unit: string) => `Backrest to it, ${unit}`
export const fromThisBackrestToThe =
  'From this backrest to the back of the seat in front, at the height of the shell’s top.'
export const asItStandsNowMm = (wanted: string) => `As it stands now, mm${wanted}`
export const tallestDriver = 'tallest driver'
export const tallestUser = 'tallest user'
export const reclineOnTheLevel = (label: string, deg: number) => `${label} (${deg}° level)`
export const slope = 'Slope'

// MarginBar
export const wanted = (label: string, lineValueText: string, wanted: string) =>
  `${label}: ${lineValueText}; wanted ${wanted}`

// settingName
export const recline = 'Recline'
export const supportLeg = 'Support leg'
export const shoulderStraps = 'Shoulder straps'
export const wedge = 'Wedge'
export const inserts = 'Inserts'
export const vehicleHeadRestraint = 'Vehicle head restraint'
export const seatInFront = 'Seat in front'
export const shellOnItsBase = 'Shell on its base'

// SetUpStage
export const setUp = 'Set up'
export const whatToSetFollowsFrom = 'What to set follows from the restraint, the place and the route.'
export const first = ' first.'
export const chooseThePlace = 'Choose the place'
export const chooseTheRestraintMode = 'Choose the restraint mode'
export const openPlace = 'Open Place'
export const openChoose = 'Open Choose'
export const setBeforeItGoesIn = 'Set before it goes in'
export const setAllAsWorkedOut = 'Set all as worked out'
export const outOfReachOnceIt = 'Out of reach once it is in: '
export const notWorkedOutLeftFor = (settings: string) => `Not worked out, left for you: ${settings}.`
export const nothingIsSetOnThis = 'Nothing is set on this restraint for this child.'
export const theHeadSupportCarriesThe =
  'The head support carries the straps: lower it until it stops on the shoulders, then let it up one click. Checked at Child in.'
export const whatDoesNotHoldYet = 'What does not hold yet'
export const goOnToAttach = 'Go on to Attach'
export const why = (settingName: string) => `Why: ${settingName}`
export const setSo = 'Set so'
export const setSo2 = (settingName: string) => `${settingName}: set so`
export const theCushionAt = (label: string) => `The cushion at ${label}`
export const slopeFrontEdgeHigherIs = 'Slope, front edge higher is +'
export const frontEdgeAboveTheBare = 'Front edge above the bare floor'
export const matOutWhereTheFoot = 'Mat out; where the foot lands.'
