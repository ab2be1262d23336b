import { FaultsException } from '../http/faults'

/** Length is what counts; what is guessed first is refused. */
const GUESSED_FIRST = /^(.)\1+$|^(1234567890|0123456789|abcdefghij|qwertyuiop)|password|passwort|nimble|anchor/i

/** @throws FaultsException naming the password */
export function refuseWeak(password: string, name: string): void {
  const isNamed = name.trim().length > 2 && password.toLowerCase().includes(name.trim().toLowerCase())
  if (GUESSED_FIRST.test(password) || isNamed)
    throw new FaultsException('Nothing was saved.', [
      {
        path: '$.password',
        message: 'is one of the first that anybody tries: take three or four words that do not belong together',
      },
    ])
}

/** 1111, 1234, 4321. */
export function isPlainPin(pin: string): boolean {
  const steps = [...pin].slice(1).map((d, i) => Number(d) - Number(pin[i]))
  return steps.every((s) => s === steps[0] && Math.abs(s) <= 1)
}

/** @throws FaultsException naming the name */
export function refuseTaken(others: readonly { readonly name: string }[], name: string): void {
  const wanted = name.trim().toLocaleLowerCase()
  if (others.some((p) => p.name.toLocaleLowerCase() === wanted))
    throw new FaultsException('Nothing was saved.', [{ path: '$.name', message: 'is somebody’s already' }])
}
