import {
  startAuthentication,
  startRegistration,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser'
import type { SessionView } from '@nimble-anchor/core/formats'
import { api } from '../session/api.ts'

/** Somebody closed the browser's own window, or it went away by itself: nothing was done, and nothing is wrong. */
export const isCalledOff = (error: unknown): boolean =>
  error instanceof Error && (error.name === 'NotAllowedError' || error.name === 'AbortError')

export async function signInByPasskey(): Promise<SessionView> {
  const { handle, options } = await api.passkeyOptions()
  return api.passkey(
    handle,
    await startAuthentication({ optionsJSON: options as PublicKeyCredentialRequestOptionsJSON }),
  )
}

export async function confirmByPasskey(): Promise<void> {
  const { handle, options } = await api.confirmOptions()
  await api.confirm({ handle, response: await startAuthentication({ optionsJSON: options as PublicKeyCredentialRequestOptionsJSON }) }) // prettier-ignore
}

export async function makePasskey(label: string) {
  const { handle, options } = await api.newPasskeyOptions()
  const response = await startRegistration({ optionsJSON: options as PublicKeyCredentialCreationOptionsJSON })
  return api.keepPasskey(handle, response, label)
}
