import { unreachable } from '../ground/index.ts'
import { FIXTURE_TEXT } from '../vehicle/index.ts'
import type { Forbidden } from './listing.ts'

/** "The handbook refuses: …". */
export function forbiddenText(f: Forbidden): string {
  switch (f.by) {
    case 'isofix-x':
      return 'it marks the place X for ISOFIX'
    case 'leg':
      return 'it permits no leg at this place'
    case 'envelope':
      return `it does not let the envelope ${f.fixture} (${FIXTURE_TEXT[f.fixture]}) stand here`
    case 'belt-letters':
      return `it marks the place ${f.letters.map(({ g, letter }) => `${letter} for group ${g}`).join(', ')}`
    default:
      return unreachable(f)
  }
}
