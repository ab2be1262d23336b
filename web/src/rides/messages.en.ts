/** What the screens of this folder say, in English. */

// RidePage
export const rideNimbleAnchor = 'Ride · Nimble Anchor'
export const thereIsNoSuchRide = 'There is no such ride'
export const families = 'Families'
export const theServerDoesNotAnswer = 'The server does not answer. Load the page again in a moment.'
export const loading = 'Loading.'
export const thisRide = 'This ride'
export const noCar = 'no car'
export const sheetForTheRide = ' Sheet for the ride'
export const goOnWith = (childName: string) => `Go on with ${childName}`
export const inTheOrderInWhich = 'In the order in which they go in'
export const gettingIn = 'Getting in'
export const past = (places: string) => `, past ${places}`
export const onTheSeatsThemselves = 'On the seats themselves'
export const fromAboveTheListBeside = (vehicleName: string) =>
  `${vehicleName} from above; the list beside it says the same in words`
export const noPlaceYet = 'no place yet'
export const noRestraintYet = 'no restraint yet'
export const handedOver = (toLowerCase: string) => `Handed over, ${toLowerCase}`
export const signedBesideOthersThanRide = 'Signed beside others than ride now: look again'
export const somethingHasToBeLooked = 'Something has to be checked again'
export const open = 'Open'
export const openTheFittingOf = (childName: string) => `Open the fitting of ${childName}`
export const isFittedAloneNowThe = (childName: string) =>
  `${childName} is fitted alone now; the others are judged without.`
export const travelsAlone = 'Travels alone'
export const travelsAlone2 = (childName: string) => `${childName} travels alone`
export const travelsAlone3 = (childName: string) => `${childName} travels alone?`
export const staysInThisRide = 'Stays in this ride'
export const theFittingGoesOnBy =
  'The fitting goes on by itself. What is beside it is checked again; it cannot be put back into this ride.'
export const cupHolderOrPodIs = 'Cup holder or pod is on'
export const cupHolderOrPodOf = (childName: string) => `Cup holder or pod of ${childName} is on`
export const widthSetFor = (childName: string) => `Width set for ${childName}`
export const mm = (label: string, outsideMm: number) => `${label}, ${outsideMm} mm`
