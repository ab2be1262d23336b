/** The typings of pdfmake leave out the fonts that it ships. */
declare module 'pdfmake/fonts/Roboto' {
  import type { TFontDictionary } from 'pdfmake/interfaces'
  const fonts: TFontDictionary
  export default fonts
}
