import type { InputHTMLAttributes, Ref, TextareaHTMLAttributes } from 'react'

type Kept = 'type'
interface Props extends Omit<InputHTMLAttributes<HTMLInputElement>, Kept> {
  readonly ref?: Ref<HTMLInputElement>
}

const BOX =
  'min-w-0 rounded-[3px] border border-line bg-sheet px-2 text-ink aria-invalid:border-fail disabled:opacity-70'

/** One line to type in: text or a figure, never what the browser makes of it. */
export const TextInput = ({ className = 'w-full', ...rest }: Props) => (
  <input type="text" autoComplete="off" className={`min-h-11 ${BOX} ${className}`} {...rest} />
)

export const TextArea = ({ className = 'w-full', ...rest }: TextareaHTMLAttributes<HTMLTextAreaElement>) => (
  <textarea className={`py-2 ${BOX} ${className}`} {...rest} />
)

/** A file to choose; it is opened by a button of ours and is seen by nobody. */
export const FileInput = ({ ref, ...rest }: Props & { readonly capture?: 'environment' }) => (
  <input ref={ref} type="file" className="sr-only" tabIndex={-1} {...rest} />
)

/** What the browser hides as it is typed, and a keeper of passwords fills in. */
export const SecretInput = ({ className = 'w-full', ...rest }: Props) => (
  <input type="password" className={`min-h-11 ${BOX} ${className}`} {...rest} />
)
