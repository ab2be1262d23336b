import type { Page } from '@playwright/test'

/** `SLOW=300x4`: each answer takes 300 ms longer, and the page has a quarter of the processor. */
const [latencyMs = 0, processorShare = 1] = (process.env['SLOW'] ?? '').split('x').filter(Boolean).map(Number)

/**
 * Makes a page as slow as the environment's `SLOW` asks (`npm run slow-journeys`), or leaves it as it is.
 * A journey that acts before what it acts on is there fails then every time, instead of once in fifty runs.
 */
export async function slowDown(page: Page): Promise<void> {
  if (latencyMs === 0 && processorShare === 1) return
  const session = await page.context().newCDPSession(page)
  await session.send('Network.enable')
  await session.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: latencyMs,
    downloadThroughput: -1,
    uploadThroughput: -1,
  })
  await session.send('Emulation.setCPUThrottlingRate', { rate: processorShare })
}
