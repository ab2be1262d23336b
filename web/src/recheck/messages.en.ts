/** What the screens of this folder say, in English. */

// words
export const allAsHandedOver = 'all as handed over'
export const somethingWasNotRight = 'something was not right'
export const notAllCouldBeTold = 'not all could be told'
export const notSo = (no: string) => `Not so: ${no}`

// Questions
export const yes = 'Yes'
export const no = 'No'
export const cannotTell = 'Cannot tell'
export const ofWord = (count: number) => ` of ${count}`
export const back = 'Back'
export const doNotTravelBeforeThis = 'Do not travel until this is corrected'
export const no2 = (ask: string) => `${ask}: no. `
export const couldNotBeToldAsk = 'Could not be told: ask a fitter'
export const keptInTheRecord = 'Kept in the record.'
export const saveItInTheRecord = 'Save it in the record'
export const beginAgain = 'Begin again'

// RecheckPage
export const lookAgainNimbleAnchor = 'Look again · Nimble Anchor'
export const loading = 'Loading.'
export const nothingToLookAtAgain = 'Nothing to look at again'
export const theServerDoesNotAnswer = 'The server does not answer, or there is no such fitting.'
export const onlyAFittingThatWas = 'Only a fitting that was handed over ready is checked again.'
export const goBack = 'Go back'
export const carer = 'Carer'
export const toTheFitting = 'To the fitting'

// SecondLookPage
export const thatDidNotWork = 'That did not work.'
