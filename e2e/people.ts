import type { Page } from '@playwright/test'
import { expect } from './served.ts'

export const PASSWORD = 'tern ladder copper mist'

/** The first person, made on the page: from then on everybody signs in. */
export async function first(page: Page, url: string, name = 'Merryn Vos'): Promise<void> {
  await page.goto(`${url}/people`)
  await page.getByLabel('Your name').fill(name)
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD)
  await page.getByRole('button', { name: 'Sign in from now on' }).click()
  await page.getByRole('button', { name: 'They are kept' }).click()
  await expect(page.getByRole('button', { name: `Signed in: ${name}` })).toBeVisible()
}
/** A device on which passkeys are made and given without a hand. */
export async function addPasskeys(page: Page): Promise<void> {
  const devtools = await page.context().newCDPSession(page)
  await devtools.send('WebAuthn.enable')
  await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: { protocol: 'ctap2', transport: 'internal', hasResidentKey: true, hasUserVerification: true, isUserVerified: true, automaticPresenceSimulation: true }, // prettier-ignore
  })
}
export async function signIn(page: Page, name: string, password = PASSWORD): Promise<void> {
  await page.getByLabel('Your name').fill(name)
  await page.getByLabel('Password', { exact: true }).fill(password)
  await page.getByRole('button', { name: 'Sign in', exact: true }).click()
}
