import { EAR_SHARE, EYE_SHARE } from '../../child/index.ts'
import { HEAD_LINES, insertThicknessRangeMm } from '../../fit/index.ts'
import { compare, formatInterval, formatNumber, interval, middle, plus } from '../../quantities/index.ts'
import type { Mode } from '../../restraint/index.ts'
import { untilSeen } from '../outcomes.ts'
import { defineRule, rangeBounds, type ModeSubject } from '../rule.ts'

/** The strict school keeps an infant's crown this far below the edge. */
const STRICT_CROWN_MM = 25

/** The car's head restraint is not the mode's: it is judged with the place. */
const lineOf = ({ headRule }: Mode) =>
  headRule === undefined || headRule === 'ears-below-vehicle-head-restraint' ? undefined : HEAD_LINES[headRule]

function edgeFor({ mode, practice }: ModeSubject): { readonly edgeMm: number; readonly isStrict: boolean } {
  if (mode.headBelowEdgeMm !== undefined)
    return { edgeMm: (mode.shellEdgeMm ?? 0) - mode.headBelowEdgeMm, isStrict: false }
  const isStrict =
    practice.infantHead === 'margin-25-mm' && mode.headRule === 'crown-inside' && mode.shape === 'infant-shell'
  return { edgeMm: (mode.shellEdgeMm ?? 0) - (isStrict ? STRICT_CROWN_MM : 0), isStrict }
}

export default defineRule({
  id: 'head-room',
  title: 'Head below the shell’s edge',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'maker',
  standsOn:
    'Crown, eyes or top of the ears no higher than the shell edge, as the mode’s rule says; heights taken from the sitting height, or estimated from the stature.',
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
        reason: () => 'Which line of the head the maker looks at, and against which edge, has not been read.',
        remedy: () => 'Read in the manual how high the head may stand, and enter the rule with the mode.',
      }
    }
    if (mode.shellEdgeMm === undefined) {
      return untilSeen(s, {
        need: 'child.sittingHeightMm',
        check: 'head',
        what: 'How high the shell’s edge stands',
        remedy: 'Look at the head against the edge once the child sits in it.',
      })
    }
    const { edgeMm, isStrict } = edgeFor(s)
    const edge = () => `the edge ${isStrict ? `less ${STRICT_CROWN_MM} mm ` : ''}is at ${formatNumber(edgeMm, 0)} mm`
    const need = 'child.sittingHeightMm' as const
    if (sitting === undefined) {
      return {
        kind: 'undecided',
        missing: [need],
        reason: () => `Neither the sitting height nor the stature is known; ${edge()}.`,
        remedy: () => 'Measure the sitting height, or the stature to estimate it from.',
      }
    }
    const { least } = insertThicknessRangeMm(mode, s)
    const height = plus(interval(sitting.mm.lo * line.share.lo, sitting.mm.hi * line.share.hi), least)
    const said = compare(height, 'at-most', edgeMm)
    const kind = said === 'fail' && sitting.isEstimated ? 'undecided' : said
    const shown = () => `${formatInterval(height, 'mm', 0)}${sitting.isEstimated ? ', estimated from the stature' : ''}`
    return {
      kind,
      source: isStrict ? 'practice' : 'maker',
      measured: height,
      limit: edgeMm,
      unit: 'mm',
      margin: Math.round(edgeMm - height.hi),
      missing: kind === 'undecided' ? [need] : undefined,
      reason: () =>
        kind === 'undecided'
          ? `${line.what} at ${shown()}: it may stand above the edge; ${edge()}.`
          : `${line.what} at ${shown()}; ${edge()}.`,
      remedy: () =>
        kind === 'fail'
          ? 'Outgrown by head height: choose another mode.'
          : 'Measure the sitting height, from the surface it sits on to the crown.',
    }
  },
})
