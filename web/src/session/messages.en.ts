/** What the screens of this folder say, in English. */

// call
export const nothingSeen = 'nothing seen'
export const theServerDoesNotAnswer = 'The server does not answer.'
export const theServerCouldNotDo = 'The server could not do that just now.'
export const somethingInTheProgramFailed = 'Something in the program failed. Nothing of this was saved.'
export const theServerRefusedThis = 'The server refused this.'

// sending
export const notSaved = (message: string) => `Not saved. ${message}`

// preferences
export const fitterNameNotGiven = 'Fitter, name not given'

// meanwhile
export const whatSomebodyElseKeptWas = 'What somebody else kept was left as it is.'
export const nothingWasKeptWhatWas = 'Nothing was kept; what was typed is still there.'

// fitting
export const thisBrowserKeepsNothingOn =
  'This browser keeps nothing on the device: leave the page open until everything is saved.'
export const notEverythingIsSavedYet = 'Not everything is saved yet. Wait for the connection, then try again.'
export const noFittingIsOpen = 'No fitting is open.'
export const thisFittingIsSignedAnd = 'This fitting is signed and closed.'
export const aReaderLooksAndEnters = 'A reader looks, and enters nothing.'
export const somethingIsTypedAndNot = 'Something is typed and not entered yet: enter it, or let it go, then sign.'
