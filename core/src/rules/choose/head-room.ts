import { EAR_SHARE, EYE_SHARE } from '../../child/index.ts'
import { HEAD_LINES, headBelowEdge, insertThicknessRangeMm, isDoubtOfShare, lineHeightMm } from '../../fit/index.ts'
import { STRICT_CROWN_MM } from '../../practice/index.ts'
import { compare, middle, plus, type Interval } from '../../quantities/index.ts'
import type { Mode } from '../../restraint/index.ts'
import { untilSeen } from '../looks.ts'
import { defineRule, rangeBounds, type ModeSubject, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './head-room.en.ts'

const say = sayer<typeof en>()

/** The car's head restraint is not the mode's: it is judged with the place. */
const lineOf = ({ headRule }: Mode) =>
  headRule === undefined || headRule === 'ears-below-vehicle-head-restraint' ? undefined : HEAD_LINES[headRule]

function edgeFor({ mode, practice }: ModeSubject): { readonly edgeMm: number; readonly isStrict: boolean } {
  const below = headBelowEdge(mode, practice)
  return { edgeMm: (mode.shellEdgeMm ?? 0) - below.mm, isStrict: below.by === 'practice' }
}

export default defineRule({
  id: 'head-room',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  limits: {
    'strict school, crown below edge': { value: STRICT_CROWN_MM, unit: 'mm' },
    'eyes, share of sitting height, from': { value: EYE_SHARE.lo, unit: '' },
    'eyes, share of sitting height, to': { value: EYE_SHARE.hi, unit: '' },
    'ears, share of sitting height, from': { value: EAR_SHARE.lo, unit: '' },
    'ears, share of sitting height, to': { value: EAR_SHARE.hi, unit: '' },
  },
  // Without an edge in the entry it is looked at on the child: the rule at Child in always asks.
  applies: ({ mode }) => mode.headRule === undefined || lineOf(mode) !== undefined,
  bounds: (s) => {
    const line = lineOf(s.mode)
    if (!line || s.mode.shellEdgeMm === undefined) return []
    const { least } = insertThicknessRangeMm(s.mode, s)
    return rangeBounds('sittingMm', undefined, (edgeFor(s).edgeMm - least.lo) / middle(line.share))
  },
  evaluate: (s) => {
    const { mode, sitting } = s
    const line = lineOf(mode)
    if (!line) {
      return {
        kind: 'undecided',
        severity: 'fix',
        missing: ['mode.headRule'],
        says: say('unknown-head-rule'),
      }
    }
    if (mode.shellEdgeMm === undefined) {
      return untilSeen(s, 'child.sittingHeightMm', 'head')
    }
    const { edgeMm, isStrict } = edgeFor(s)
    const edge = { edgeMm, lessMm: isStrict ? STRICT_CROWN_MM : 0 }
    const need = 'child.sittingHeightMm' as const
    if (sitting === undefined) {
      return {
        kind: 'undecided',
        missing: [need],
        says: say('no-height', { edge }),
      }
    }
    const { least } = insertThicknessRangeMm(mode, s)
    const judgeLine = (mm: Interval) => compare(plus(mm, least), 'at-most', edgeMm)
    const height = plus(lineHeightMm(sitting.mm, line.share), least)
    const said = judgeLine(lineHeightMm(sitting.mm, line.share))
    // Where no measure would tell, the eye does: the look at the child settles it.
    if (!sitting.isEstimated && isDoubtOfShare(sitting.mm, line.share, judgeLine))
      return { ...untilSeen(s, 'check.head', 'head'), measured: height, limit: edgeMm, unit: 'mm' }
    const kind = said === 'fail' && sitting.isEstimated ? 'undecided' : said
    return outcomeOf(kind, [need], {
      source: isStrict ? 'practice' : 'maker',
      measured: height,
      limit: edgeMm,
      unit: 'mm',
      margin: Math.round(edgeMm - height.hi),
      says: say('judged', {
        kind,
        what: line.what,
        height,
        isEstimated: sitting.isEstimated,
        edge,
      }),
    })
  },
})
