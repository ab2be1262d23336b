import { useEffect, useRef, useState, type FormEvent } from 'react'
import { useForm, useWatch, type DefaultValues, type FieldErrors, type FieldValues, type Path, type PathValue, type Resolver } from 'react-hook-form' // prettier-ignore
import { Refused } from '../session/api.ts'
import * as msg from './messages.en.ts'

/** What is wrong, by field; nothing where all of it is right. */
export type Wrong<T> = { readonly [K in keyof T]?: string | undefined }

/** How every form of a few fields is judged: what one function says is wrong of what is typed. */
const resolverOf =
  <T extends FieldValues>(judge: (values: T) => Wrong<T>): Resolver<T> =>
  (values) => {
    const wrong = Object.entries(judge(values)).filter(([, message]) => message !== undefined)
    return wrong.length === 0
      ? { values, errors: {} }
      : {
          values: {},
          // What is wrong with the whole has no field.
        errors: Object.fromEntries(wrong.map(([name, message]) => [name || 'root', { type: 'judged', message }])) as FieldErrors<T>,
        }
  } // prettier-ignore

export interface Fields<T, K extends keyof T> {
  /** As they are typed. */
  readonly values: T
  readonly set: <F extends keyof T>(name: F) => (value: T[F]) => void
  /** Of one field: what is wrong with it since it was last sent, or what the server says of it. */
  readonly faultOf: (name: K) => string | undefined
  /** What is wrong with the whole, where no field is named. */
  readonly fault: string | undefined
  readonly say: (fault: string) => void
  /** Nothing is wrong as it stands. */
  readonly isRight: boolean
  readonly isBusy: boolean
  /** Other values, and nothing said of them. */
  readonly take: (values: T) => void
  /** Sends it where nothing is wrong; else the first field that is has the keyboard. What the server refuses stands at its field. */
  readonly send: (work: (values: T) => Promise<unknown> | void) => (event?: FormEvent<HTMLFormElement>) => void
}

const allRight = (): Record<string, never> => ({})

/**
 * A form of a few fields. Nothing is red before it is sent; after that, as it is typed.
 *
 * @param shown the fields that have a place for their fault; what the server says of any other is said of the whole, so that no refusal is silent
 * @param judge what is wrong, by field
 */
export function useFields<T extends FieldValues, K extends keyof T & string = never>(
  initial: T,
  shown: readonly K[] = [],
  judge: (values: T) => Wrong<T> = allRight,
): Fields<T, K> {
  const [isBusy, setBusy] = useState(false)
  const form = useForm<T>({
    defaultValues: initial as DefaultValues<T>,
    resolver: resolverOf(judge),
    shouldFocusError: false,
  })
  const values = useWatch({ control: form.control }) as T
  const { errors, isSubmitted } = form.formState
  // The fields say so first, then the first of them is led to.
  const refusedIn = useRef<HTMLFormElement>(undefined)
  useEffect(() => {
    const field = refusedIn.current?.querySelector<HTMLElement>('[aria-invalid=true]')
    if (!field) return
    refusedIn.current = undefined
    field.focus()
  })
  const say = (message: string): void => form.setError('root', { type: 'said', message })
  const refused = (error: unknown): void => {
    const faults = error instanceof Refused ? error.faults : []
    const isShown = (path: string): boolean => (shown as readonly string[]).includes(path.slice(2))
    for (const { path, message } of faults.filter((f) => isShown(f.path)))
      form.setError(path.slice(2) as Path<T>, { type: 'server', message })
    const rest = faults.filter((f) => !isShown(f.path)).map((f) => `${f.path.replace('$.', '')} ${f.message}`)
    if (faults.length === 0 || rest.length > 0)
      say([error instanceof Error ? error.message : msg.thatDidNotWork, ...rest].join(' '))
  }
  return {
    values,
    set: (name) => (value) =>
      form.setValue(name as unknown as Path<T>, value as PathValue<T, Path<T>>, { shouldDirty: true, shouldValidate: isSubmitted }),
    faultOf: (name) => errors[name]?.message as string | undefined,
    fault: errors.root?.message,
    say,
    isRight: Object.values(judge(values)).every((message) => message === undefined),
    isBusy,
    take: (next) => form.reset(next),
    send: (work) => (event) => {
      const sent = event?.currentTarget
      const go = form.handleSubmit(
        async (typed) => {
          setBusy(true)
          try {
            await work(typed)
          } catch (error) {
            refused(error)
          } finally {
            setBusy(false)
          }
        },
        () => void (refusedIn.current = sent),
      )
      void go(event)
    },
  }
} // prettier-ignore
