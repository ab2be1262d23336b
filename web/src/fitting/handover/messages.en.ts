/** What the screens of this folder say, in English. */

// CarerLinkButton
export const linkForTheCarer = ' Link for the carer'
export const forTheCarersSecondLook = 'For the carer’s second look'
export const codeWithTheCarersLink = 'Code with the carer’s link'
export const itOpensTheQuestionsOf = (day: string) =>
  `It opens the questions of this fitting, and nothing else: no name, no measure. It ends on ${day}.`
export const itWorksWhereThisServer =
  'It works where this server is reached: on the bay’s own network, or beyond it if your server is.'
export const copyIt = ' Copy it'
export const copiedPasteItIntoA = 'Copied: paste it into a message.'

// AfterPanel
export const afterwards = 'Afterwards'
export const lookAgainInTenTaps = 'Look again, in ten taps at most'
export const jobsOnUnitEachEnding = (serial: string) =>
  `Jobs on unit ${serial}, each ending in its check. What takes it apart keeps it off the shelf until then.`
export const jobsAreKeptWithA = 'Jobs are kept with a unit: choose one from the shelf at Choose.'

// CaseCode
export const forTheCarersPhone = 'For the carer’s phone'
export const copyTheWords = ' Copy the words'
export const codeWithThisFittingIn = 'Code with this fitting in words'
export const plainWordsWithNoName =
  'Plain words, with no name in them: a phone’s camera shows them without any program or server.'
export const readWhatItSays = 'Read what it says'

// Revision
export const theRevisionWasNotBegun = 'The revision was not begun.'
export const correctItInANew = 'Correct it in a new revision'
export const revisionOfASignedFitting = 'Revision of a signed fitting'
export const theSignedOne = 'The signed one'
export const lookingAtWhatItSaid = 'Looking at what it said.'
export const nothingIsSaidOtherwiseYet = 'Nothing is said otherwise yet. What was signed stays as it was.'
export const whatThisOneSaysDifferently = 'What this one says differently; both are kept.'

// SheetPreview
export const signatureOf = (name: string) => `Signature of ${name}`
export const theSheetAsItWill = 'The sheet, as it will be printed'
export const workingOutWhatChangesNext = 'Working out what changes next…'
export const whatChangesNextCouldNot = 'What changes next could not be worked out just now; the sheet is without it.'

// PersonSheet
export const takeThisToAPerson = 'Take this to a person'
export const itNamesNobody = 'It names nobody.'
export const saveAsText = ' Save as text'

// SecondSigner
export const signsWithYouAfterLooking = 'Signs with you, after looking'
export const aFitterOrALead = 'A fitter or a lead'
export const choose = 'choose'
export const theirPinOrPassword = 'Their PIN or password'

// SignPanel
export const signAndHandOver = 'Sign and hand over'
export const signAndClose = 'Sign and close'
export const theCarerHasBeenShown =
  'The carer has been shown how it is attached, released and checked. A signed fitting is closed.'
export const notReadyToSign = 'Not ready to sign'
export const onlyAFittingThatIs = 'Only a fitting that is ready to travel is signed.'
export const theyLeaveAllTheSame = 'They leave all the same…'
export const itIsWrittenDownSo = (headline: string) =>
  `${headline} It is written down so, signed by both, and the fitting is closed. It is never called ready.`
export const signLeftAgainstAdvice = 'Sign: left against advice'
export const bothNamesAreNeeded = 'Both names are needed.'
export const theirReasonAndWhatThey = 'Their reason, and what they were told, are needed.'
export const aTraineesFittingIsSigned = 'A trainee’s fitting is signed by two: a fitter or a lead signs with you.'
export const theirReason = 'Their reason'
export const whatTheyWereTold = 'What they were told'
export const theCarerDidItOnce = 'The carer did it once while you watched, child in and quickly out'
export const fitter = 'Fitter'
export const carer = 'Carer'
export const signByHandIfYou = 'Sign by hand, if you like'
export const fittersSignature = 'Fitter’s signature'
export const carersSignature = 'Carer’s signature'

// HandOverStage
export const saveTheCaseFile = 'Save the case file'
export const doWord = 'Do'
export const print = 'Print'
export const theSheet = 'The sheet'
export const whatChangesNext = 'What changes next'
export const forThePhone = 'For the phone'
export const allFindings = 'All findings'
export const verdict = 'Verdict'
export const leftAgainstAdvice = 'Left against advice'
export const signed = 'Signed'
export const thisFittingIsClosed = (stamp: string) => `${stamp}. This fitting is closed.`
export const caseFile = ' Case file'
export const sheetPdf = ' Sheet, PDF'
export const print2 = ' Print'
export const whatGoesWithIt = 'What goes with it'
export const whatChangesNextOnceSaved =
  'Not saved yet, so what changes next is not worked out: the sheet is without it.'
