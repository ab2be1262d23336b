import { DIRECTION_FACING } from '../restraint/index.ts'
import { severityOf, type FittedSubject } from '../rules/index.ts'
import { lineValueText, type BenchLine } from './lines.ts'
import type { Section } from './section.ts'

const STATE_WORDS = { pass: 'holds', fail: 'fails', undecided: 'undecided', unknown: 'not judged' } as const

/** The drawing in words, for those who cannot see it: what stands where, then each line with what is wanted. */
export function describeBench(s: FittedSubject, section: Section, lines: readonly BenchLine[]): readonly string[] {
  const { mode, position, route } = s
  return [
    `${position.label}, seen from the side: ${mode.label}, ${DIRECTION_FACING[mode.direction]}, by ${route.label}.`,
    ...lines.map((line) => {
      const worst = line.findings[0]
      const word =
        worst && severityOf(worst) === 'advise' && worst.outcome.kind === 'fail'
          ? 'advised against'
          : STATE_WORDS[line.state]
      return `${line.label}: ${lineValueText(line)}; wanted: ${line.wanted}; ${word}${line.missing === undefined ? '' : `, missing: ${line.missing}`}.`
    }),
    ...(section.assumed.length > 0 ? [`Drawn at a usual size, not known: ${section.assumed.join('; ')}.`] : []),
  ]
}
