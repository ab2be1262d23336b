import type { CheckId } from './ids.ts'
import type { CheckText } from './text.ts'
import { EN } from './texts.en.ts'

/** What every check says in one language. */
export type CheckTexts = Readonly<Record<CheckId, CheckText>>

/** What is asked, as a short noun phrase: "Leg on the floor". */
export const checkLabel = (id: CheckId, texts: CheckTexts = EN): string => texts[id].label
/** How to look, feel or measure. */
export const checkHow = (id: CheckId, texts: CheckTexts = EN): string => texts[id].how
/** What an option says, or its id where no option of this check has it: a note from a later version. */
export const optionLabel = (id: CheckId, option: string, texts: CheckTexts = EN): string =>
  texts[id].options?.[option] ?? option
/** What an option says of the state before. */
export const optionBefore = (id: CheckId, option: string, texts: CheckTexts = EN): string =>
  texts[id].before?.[option] ?? optionLabel(id, option, texts)
/** What an answer without a figure says, or its id where this check has none of it. */
export const answerLabel = (id: CheckId, answer: string, texts: CheckTexts = EN): string =>
  texts[id].answers?.[answer] ?? answer
/** What to do when it is not good; how to measure, where it is a number. */
export const checkRemedy = (id: CheckId, texts: CheckTexts = EN): string => texts[id].remedy ?? texts[id].how
