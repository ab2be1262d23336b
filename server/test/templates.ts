import { rmSync } from 'node:fs'

/** Folders with the demo of a day in them, by that day: what the tests of one file make serves the next of the same suite. */
export const templates = new Map<string, string>()

// Set up before the tests of a suite, and so done after all of them, of however many files they are.
afterAll(() => {
  for (const folder of templates.values()) rmSync(folder, { recursive: true, force: true })
})
