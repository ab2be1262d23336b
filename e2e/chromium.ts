import { existsSync } from 'node:fs'

/** Debian's Chromium: nothing is downloaded. Rather the one without windows: a bar of tabs drawn for each journey is a fifth of its time. */
export const CHROMIUM = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync)
