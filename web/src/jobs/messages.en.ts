/** What the screens of this folder say, in English. */

// jobMark
export const stepsToDo = 'Steps to do'
export const toBeChecked = 'To be checked'
export const doneAndChecked = 'Done and checked'
export const aCheckFailed = 'A check failed'

// ConvertFirst
export const convertFirst = (serial: string) => `Convert ${serial} first`
export const itStandsAs = (label: string) => `It stands as “${label}”.`

// BeginJob
export const aJobOnThisUnit = 'A job on this unit'
export const itsStepsAreMadeFor = 'Its steps are made for this restraint, and it ends in checks.'
export const job = 'Job'
export const itIsNow = 'It is now'
export const itBecomes = 'It becomes'
export const beginTheJob = 'Begin the job'

// JobPage
export const theServerDoesNotAnswer = 'The server does not answer. Load the page again in a moment.'
export const nimbleAnchor = (title: string) => `${title} · Nimble Anchor`
export const loading = 'Loading.'
export const thereIsNoSuchJob = 'There is no such job'
export const goToToday = 'Go to Today'
export const itsFitting = 'its fitting'
export const notForUseUntilEvery = 'Not for use until every check below has passed: it is barred in every fitting.'
export const theMakersOwnSteps = 'The maker’s own steps.'
export const theUsualStepsWhereThe = 'The usual steps: where the maker’s manual says otherwise, it comes first.'
export const stepsInOrder = 'Steps, in order'
export const lookFor = (proof: string) => `Look for: ${proof}`
export const reverses = (pair: string) => `Reverses: ${pair}`
export const checksAtTheEnd = 'Checks at the end'
export const theyComeWhenEveryStep = 'They come when every step is done: a step may undo what they look at.'
export const whoDidWhat = (count: number) => `Who did what (${count})`
