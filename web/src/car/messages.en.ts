/** What the screens of this folder say, in English. */

// SeatDrawing
export const doorOfMoveToThe = (label: string, side: string, other: string) =>
  `Door of ${label}: ${side}; move to the ${other}`

// CarPlan
export const fromAbove = (name: string, how: string) => `${name} from above; ${how}`
export const aNewCar = 'A new car'
export const notMeasured = (side: string) => `${side}, not measured`
export const inTheMiddle = 'in the middle'
export const mmOfTheMiddle = (offMm: number, side: string) => `${offMm} mm ${side} of the middle`
export const row = (label: string, row: number, where: string) => `${label}, row ${row}, ${where}`
export const placesCanBeMovedWith = 'places can be moved with the arrow keys'
export const theListBesideItSays = 'the list beside it says the same in words'

// PlanLegend
export const isofixBarsDottedRecessed = 'ISOFIX bars; dotted: recessed'
export const tetherAnchorageArchInThe = 'tether anchorage; arch: in the roof'
export const beltLapOnlyHasNo = 'belt; lap only has no diagonal'
export const airbagFilledAlwaysOn = 'airbag; filled: always on'
export const boxUnderTheFloor = 'box under the floor'
export const boxThatBearsNoLeg = 'box that bears no leg'
export const tunnelBlockConsole = 'tunnel; block: console'
export const doorSide = 'door side'
export const whatTheDrawingShows = 'What the drawing shows'
