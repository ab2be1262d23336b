import { plural } from '@nimble-anchor/core/quantities'

/** What the screens of this folder say, in English. */

// words
export const leadAlsoCataloguePracticePeople = 'Lead: also catalogue, practice, people, erasing'
export const fitterFitsAndSigns = 'Fitter: fits and signs'
export const traineeFitsAnotherSignsToo = 'Trainee: fits; another signs too'
export const readerLooksExportsWithoutNames = 'Reader: looks, exports without names'

// SignIn
export const locked = 'Locked'
export const signIn = 'Sign in'
export const nothingIsLostWhatWas = 'Nothing is lost: what was being entered is kept on this device.'
export const anotherWayOrSomebodyElse = 'Another way, or somebody else'
export const byPin = 'By PIN'
export const iHaveLostMyPassword = 'I have lost my password'
export const whoIsIt = 'Who is it'
export const pinOf = (name: string) => `PIN of ${name}`
export const goOnAs = (name: string) => `Go on as ${name}`
export const somebodyElse = 'Somebody else'
export const yourName = 'Your name'
export const password = 'Password'
export const oneMoment = 'One moment'
export const useAPasskey = ' Use a passkey'
export const oneOfTheCodesThat =
  'One of the codes that were printed for you, and a new password. Without one a lead gives you a new password.'
export const oneOfYourCodes = 'One of your codes'
export const newPassword = 'New password'
export const atLeast10SignsThree = 'At least 10 signs: three or four words that do not belong together.'
export const setItAndSignIn = 'Set it and sign in'
export const back = 'Back'

// ConfirmDialog
export const isItYou = 'Is it you?'
export const thisCannotBeTakenBack = (name: string) =>
  `This cannot be taken back, or takes names out of the house: show that it is you, ${name}.`
export const goOn = 'Go on'
export const cancel = 'Cancel'

// Gate
export const notEncryptedAnybodyOnThis =
  'Not encrypted: anybody on this network can read along and take a password. Passkeys, camera, tilt sensor and working in several tabs are off, and nothing works without the server. Start it with a certificate.'

// PersonMenu
export const signedIn = (name: string) => `Signed in: ${name}`
export const yourSignInDevicesPeople = ' Your sign-in, devices, people'
export const changeOverOrLock = 'Change over, or lock'
export const lock = 'Lock'
export const signOut = ' Sign out'

// PairPhone
export const pairAPhone = ' Pair a phone'
export const pairAPhone2 = 'Pair a phone'
export const codeThatSignsAPhone = 'Code that signs a phone in as you'
export const showANewCode = 'Show a new code'
export const pointThePhonesCameraAt =
  'Point the phone’s camera at it, and open what it shows. The phone is then signed in as you.'
export const goodForOnce = (leftS: number) => `Good for **${leftS} s**, once.`
export const itsTwoMinutesAreOver = 'Its two minutes are over.'
export const noPhoneReachesThisMachine =
  'No phone reaches this machine yet: it is started for itself alone. Start it for the bay’s own network, with --host and a certificate.'

// Devices
export const thisDevice = 'this device'
export const used = (stamp: string) => `used ${stamp}`
export const signItOut = 'Sign it out'
export const signOut2 = (label: string, people: string, thisOne: string) => `Sign out: ${label}, ${people}${thisOne}`
export const thisDevice2 = ', this device'

// PersonForm
export const needsAName = 'needs a name'
export const needsAtLeastSigns = (leastPassword: number) => `needs at least ${leastPassword} signs`
export const name = 'Name'
export const whatTheyMayDo = 'What they may do'
export const passwordToBeginWith = 'Password to begin with'
export const signInFromNowOn = 'Sign in from now on'
export const addThem = 'Add them'

// First
export const theFirstPersonKeepsThe = 'The first person keeps the bay'
export const fromThenOn = 'From then on'
export const everybodySignsInAtThis =
  'Everybody signs in, at this machine too. Add the others here, each with a password and a role.'
export const onASharedTabletPeople = 'On a shared tablet people change over by a PIN; it locks when nobody touches it.'
export const aPhoneOrTabletAt =
  'A phone or tablet at the car door reaches this machine once it is started for the bay’s own network:'
export const npmStartHostAddressMake = 'npm start -- --host ADDRESS --make-certificate'
export const erasingAndExportingAFamily =
  'Erasing and exporting a family ask for the password again, and stand in a record.'

// RecoveryCodes
export const recoveryCodesOf = (name: string) => `Recovery codes of ${name}`
export const printThemAndKeepThem = (name: string) =>
  `Print them, and keep them where no device is. Each lets ${name} in once without a password. They are shown now and never again; new ones can be made.`
export const print = ' Print'
export const copy = ' Copy'
export const theyAreKept = 'They are kept'

// OwnSignIn
export const thePinIsGone = 'The PIN is gone.'
export const thePinIsSet = 'The PIN is set.'
export const pin = 'PIN'
export const set = 'set'
export const noneYet = 'none yet'
export const n4To8FiguresBy =
  '4 to 8 figures. By it you come back to a device that you have signed in on in this shift, and no other.'
export const newPin = 'New PIN'
export const setThePin = 'Set the PIN'
export const takeItAway = 'Take it away'
export const passkeyOf = (stamp: string) => `Passkey of ${stamp}`
export const thePasskeyIsKept = 'The passkey is kept.'
export const passkeys = 'Passkeys'
export const insteadOfThePasswordWhat =
  'Instead of the password: what unlocks this device, a finger or a face, signs you in.'
export const notUsedYet = 'not used yet'
export const takeAway = 'Take away'
export const takeAway2 = (label: string) => `Take away: ${label}`
export const addAPasskey = ' Add a passkey'
export const aPasskeyBelongsToA =
  'A passkey belongs to a name: open this page by localhost, or by a host name with encryption, not by a number.'
export const thePasswordIsChangedOther = 'The password is changed; other devices are signed out.'
export const passwordUntilNow = 'Password until now'
export const atLeast10Signs = 'At least 10 signs.'
export const changeIt = 'Change it'
export const recoveryCodes = 'Recovery codes'
export const whereThePasswordIsLost = 'Where the password is lost, one of them lets you in. New ones make the old void.'
export const makeNewOnes = 'Make new ones'

// Record
export const findAPersonOrA = 'Find a person or a deed'
export const nothingYet = 'Nothing yet.'
export const nothingOfThatName = 'Nothing of that name.'

// Staff
export const noPinYet = 'no PIN yet'
export const countOfPasskeys = (count: number) => plural(count, 'passkey')
export const hasLeft = 'has left'
export const hasNeverSignedIn = 'has never signed in'
export const signedIn2 = (day: string) => `signed in ${day}`
export const addAPerson = ' Add a person'
export const addAPerson2 = 'Add a person'
export const save = 'Save'
export const theyHaveLeft = 'They have left'
export const theyAreBack = 'They are back'
export const theyAreSignedOutEverywhere =
  'They are signed out everywhere at once. What they entered stays under their name.'
export const leaves = (name: string) => `${name} leaves`
export const theyStay = 'They stay'
export const endTheirAccess = 'End their access'
export const hasANewPasswordAnd = (name: string) => `${name} has a new password, and is signed out everywhere.`
export const newPasswordWhereTheyHave = 'New password, where they have lost theirs'
export const setIt = 'Set it'

// PeoplePage
export const peopleNimbleAnchor = 'People · Nimble Anchor'
export const people = 'People'
export const whatSomebodyEntersStandsUnder = 'What somebody enters stands under their name.'
export const nobodySignsInYetWhoever =
  'Nobody signs in yet: whoever is at this machine may do everything, and no phone reaches it.'
export const whoWorksHere = 'Who works here'
export const yourSignIn = 'Your sign-in'
export const devices = 'Devices'
export const whatWasDone = 'What was done'

// PairPage
export const thatDidNotWork = 'That did not work.'
export const pairThisPhone = 'Pair this phone'
export const showTheCodeAgainOn = 'Show the code again on the other screen: People, Devices, Pair a phone.'
export const itWillBeSignedIn = 'It will be signed in as whoever shows the code, until they sign it out.'
export const signThisPhoneIn = 'Sign this phone in'

// TrustPage
export const trustThisServerNimbleAnchor = 'Trust this server · Nimble Anchor'
export const trustThisServer = 'Trust this server'
export const thisServerHasMadeNo = 'This server has made no certificate of its own.'
export const compareThisWithWhatThe =
  'Compare this with what the machine in the hut wrote when it was started. Only if both are the same, go on.'
export const saveTheAuthoritysCertificate = 'Save the authority’s certificate'
export const installItInThePhones =
  'Install it in the phone’s settings, under security and certificates, as an authority for websites. Some phones ask a second time, under trusted certificates, whether it may speak for websites: say yes there too.'
export const openThisAddressAgainThe =
  'Open this address again: the warning is gone. If it is not, the certificate is not trusted yet.'
export const whoeverHasThisBaysData =
  'Whoever has this bay’s data folder could make certificates that this phone believes. Take the authority out of a phone that leaves the bay.'
