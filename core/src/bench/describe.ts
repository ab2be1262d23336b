import { DIRECTION_FACING } from '../restraint/index.ts'
import { severityOf, type FittedSubject } from '../rules/index.ts'
import { lineValueText, type BenchLine } from './lines.ts'
import type { Section } from './section.ts'
import * as msg from './messages.en.ts'

const STATE_WORDS = { pass: 'holds', fail: 'fails', undecided: 'undecided', unknown: msg.notJudged } as const

/** The drawing in words, for those who cannot see it: what stands where, then each line with what is wanted. */
export function describeBench(s: FittedSubject, section: Section, lines: readonly BenchLine[]): readonly string[] {
  const { mode, position, route } = s
  return [
    msg.seenFromTheSideBy(position.label, mode.label, DIRECTION_FACING[mode.direction], route.label),
    ...lines.map((line) => {
      const worst = line.findings[0]
      const word =
        worst && severityOf(worst) === 'advise' && worst.outcome.kind === 'fail'
          ? msg.advisedAgainst
          : STATE_WORDS[line.state]
      return msg.wanted(
        line.label,
        lineValueText(line),
        line.wanted,
        word,
        line.missing === undefined ? '' : msg.missing(line.missing),
      )
    }),
    ...(section.assumed.length > 0 ? [msg.drawnAtAUsualSize(section.assumed.join('; '))] : []),
  ]
}
