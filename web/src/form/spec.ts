/** Fields of a form as data: labels and units beside the names of the format. */

export interface FieldSpec {
  readonly key: string
  readonly label: string
  readonly kind: 'text' | 'number' | 'pick' | 'answer' | 'flag' | 'numbers' | 'words' | 'set' | 'many' | 'quantity'
  readonly unit?: string
  readonly options?: readonly (readonly [id: string, label: string])[]
  /** A pick that may be left open. */
  readonly isOpen?: boolean
  /** A sentence has the whole line. */
  readonly isWide?: boolean
}

/** A part that a mode or a route has, or has not. */
export interface PartSpec {
  readonly key: string
  readonly label: string
  /** Said to be none by its name in `without`; a part that cannot be is there, or has not been read. */
  readonly canBeNone?: boolean
  readonly fields: readonly FieldSpec[]
}

export const same = (words: readonly string[]): readonly (readonly [string, string])[] =>
  words.map((w) => [w, w.replaceAll('-', ' ')] as const)
export const text = (key: string, label: string): FieldSpec => ({ key, label, kind: 'text' })
export const sentence = (key: string, label: string): FieldSpec => ({ ...text(key, label), isWide: true })
export const number = (key: string, label: string, unit: string): FieldSpec => ({ key, label, kind: 'number', unit })
export const pick = (key: string, label: string, options: FieldSpec['options'], isOpen = false): FieldSpec => ({
  key,
  label,
  kind: 'pick',
  isOpen,
  ...(options && { options }),
})
/** Any of a few, each ticked. */
export const set = (key: string, label: string, options: NonNullable<FieldSpec['options']>): FieldSpec => ({
  key,
  label,
  kind: 'set',
  options,
})
/** Any of many, ticked in a list that opens. */
export const many = (key: string, label: string, options: NonNullable<FieldSpec['options']>): FieldSpec => ({
  key,
  label,
  kind: 'many',
  options,
})
/** Yes, no, or not read yet: the three are different things. */
export const answer = (key: string, label: string): FieldSpec => ({ key, label, kind: 'answer' })
export const flag = (key: string, label: string): FieldSpec => ({ key, label, kind: 'flag' })
