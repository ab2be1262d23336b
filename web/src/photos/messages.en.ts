/** What the screens of this folder say, in English. */

// PhotoButton
export const thePhotoCouldNotBe = 'The photo could not be kept.'
export const photoOf = (label: string) => `Photo of ${label}`
export const seeThePhotoOf = (label: string) => `See the photo of ${label}`
export const takeAPhotoOf = (label: string) => `Take a photo of ${label}`
export const keptOnThisDeviceOnly = 'Kept on this device only, without place or time of the camera.'
export const takeAnother = ' Take another'
export const eraseIt = ' Erase it'
