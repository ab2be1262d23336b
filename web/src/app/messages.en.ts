/** What the screens of this folder say, in English. */

// pages
export const today = 'Today'
export const families = 'Families'
export const vehicles = 'Vehicles'
export const restraints = 'Restraints'
export const logbook = 'Logbook'
export const ruleBook = 'Rule book'
export const settings = 'Settings'
export const people = 'People'

// FitterDialog
export const fitter = 'Fitter'
export const yourName = 'Your name'
export const itStandsBesideEveryEntry =
  'It stands beside every entry in a fitting’s history, and is kept on this device.'
export const save = 'Save'

// Header
export const doWord = 'Do'
export const nimbleAnchor = 'Nimble Anchor'
export const pages = 'Pages'
export const goTo = 'Go to'
export const keys = 'Keys'
export const useTheLightScheme = 'Use the light scheme'
export const useTheDarkScheme = 'Use the dark scheme'
export const fitter2 = 'Fitter?'

// App
export const lightOrDarkScheme = 'Light or dark scheme'
export const skipToTheWork = 'Skip to the work'
export const loading = 'Loading.'
export const noCarYet = 'no car yet'
export const fittings = 'Fittings'
export const unit = (serial: string) => `Unit ${serial}`
export const units = 'Units'
export const newFittingFor = (names: string) => `New fitting for ${names}`
export const children = 'Children'
export const theFittingWasNotCreated = 'The fitting was not created.'
export const thereIsNoSuchPage = 'There is no such page'
export const goToToday = 'Go to Today'
export const notifications = 'Notifications'
