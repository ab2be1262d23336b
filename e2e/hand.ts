import type { Page } from '@playwright/test'

/** Counts what a hand does on the page: taps, keys that type or move, and what was scrolled, over every page of it. */
export async function counting(page: Page) {
  await page.addInitScript(() => {
    const kept = (): Record<'taps' | 'keys' | 'scroll', number> =>
      JSON.parse(sessionStorage.getItem('hand') ?? '{"taps":0,"keys":0,"scroll":0}') as Record<
        'taps' | 'keys' | 'scroll',
        number
      >
    const add = (what: 'taps' | 'keys' | 'scroll', by = 1): void => {
      const all = kept()
      all[what] += by
      sessionStorage.setItem('hand', JSON.stringify(all))
    }
    addEventListener('pointerdown', () => add('taps'), true)
    addEventListener('keydown', () => add('keys'), true)
    addEventListener('wheel', (e) => add('scroll', Math.abs(e.deltaY)), true)
  })
  return () =>
    page.evaluate(
      () => JSON.parse(sessionStorage.getItem('hand') ?? '{}') as { taps: number; keys: number; scroll: number },
    )
}
/** Typed by the keyboard, letter by letter. */
export const type = (page: Page, text: string) => page.keyboard.type(text)
