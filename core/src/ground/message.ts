/** A message by its name, with what fills it: in no language, until somebody reads it. */
export interface Message {
  readonly message: string
  readonly data: unknown
}

/** The words of messages in one language; each is made of its data. */
export type MessageTexts = Readonly<Record<string, (data: never) => string>>

/** A message as data; what may be named, and with what, is for the type of whoever hands this on. */
export const messageOf = (message: string, ...data: readonly unknown[]): Message => ({ message, data: data[0] })

/**
 * Names a message of a text, with its data: one that is not there, or lacks data, does not compile.
 *
 * @example const say = sayerOf<typeof en>(); say('too-low', { limit: 9 })
 */
export const sayerOf = <T extends MessageTexts>() =>
  messageOf as <K extends keyof T & string>(message: K, ...data: Parameters<T[K]>) => Message

/**
 * A message in the language of the text.
 *
 * @throws Error naming a message that the text does not have
 */
export function spoken(texts: MessageTexts, { message, data }: Message): string {
  const words = texts[message] as ((data: unknown) => string) | undefined
  if (words === undefined) throw new Error(`There is no text of the message "${message}"`)
  return words(data)
}
