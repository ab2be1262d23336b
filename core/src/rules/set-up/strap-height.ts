import {
  adviseStrapHeight,
  insertThicknessMm,
  judgeStrapHeight,
  JUST_MM,
  slotText,
  STRAP_RULE_TEXT,
  strapRuleOf,
} from '../../fit/index.ts'
import { exactly, formatInterval, formatNumber, plus, unreachable } from '../../quantities/index.ts'
import type { Mode } from '../../restraint/index.ts'
import { defineRule } from '../rule.ts'

/** Whether the straps of a mode can stand at a height at all. */
function hasHeight(mode: Mode, heightMm: number): boolean {
  const adjuster = mode.strap?.adjuster
  if (adjuster === undefined) return false
  return adjuster.kind === 'slots'
    ? adjuster.heightsMm.includes(heightMm)
    : heightMm >= adjuster.fromMm && heightMm <= adjuster.toMm
}

export default defineRule({
  id: 'strap-height',
  title: 'Strap height for this shoulder',
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  standsOn:
    'Rearward at or just below the shoulder, forward at or just above, unless the mode’s own rule says otherwise; the insert under the child counts.',
  limits: { 'just, at most': { value: JUST_MM, unit: 'mm' } },
  applies: ({ mode }) =>
    mode.heldBy === 'harness' && mode.strap !== undefined && mode.strap.adjuster.kind !== 'follows-head-support',
  evaluate: ({ mode, settings, shoulderMm }) => {
    // A gauge at the head support's lower edge is read higher than the strap leaves the shell.
    const atGaugeMm = mode.strap?.gauge === 'head-support-lower-edge' ? (mode.strap.gaugeAboveExitMm ?? 0) : 0
    const justMm = mode.strap?.justMm ?? JUST_MM
    const rule = strapRuleOf(mode)
    if (shoulderMm === undefined) {
      return {
        kind: 'undecided',
        missing: ['child.seatedShoulderHeightMm'],
        reason: () => `Straps go ${STRAP_RULE_TEXT[rule]}; the seated shoulder height is not known.`,
        remedy: () =>
          'Sit the child against a wall and measure from the surface it sits on to the top of the shoulder.',
      }
    }
    const raised = plus(shoulderMm, exactly(insertThicknessMm(mode, settings.insertsIn?.value ?? [])))
    const advice = adviseStrapHeight(mode, raised)
    const shoulder = formatInterval(raised, 'mm', 0)
    const base = { measured: raised, unit: 'mm' } as const
    const set = settings.strapHeightMm?.value
    switch (advice.kind) {
      case 'stop-at-shoulders':
        throw new Error('A head support that follows has no height to judge')
      case 'none':
        return {
          ...base,
          kind: 'fail',
          severity: 'stop',
          reason: () =>
            advice.because === 'too-small'
              ? `Shoulder at ${shoulder}: even the lowest setting leaves the shell above it; straps must be ${STRAP_RULE_TEXT[rule]}.`
              : `Shoulder at ${shoulder}: even the highest setting is too low; straps must be ${STRAP_RULE_TEXT[rule]}.`,
          remedy: () =>
            advice.because === 'too-small'
              ? 'Too small for this mode: choose another, or the insert that belongs to it.'
              : 'Outgrown by shoulder height: choose another mode.',
        }
      case 'measure':
      case 'set': {
        const heights =
          mode.strap?.adjuster.kind === 'slots' ? mode.strap.adjuster.heightsMm.toSorted((a, b) => a - b) : []
        const name = (mm: number) =>
          `${slotText(heights.includes(mm) ? heights.indexOf(mm) + 1 : undefined, mm)}${atGaugeMm === 0 ? '' : `, read at the head support’s lower edge ${formatNumber(mm + atGaugeMm, 0)} mm`}`
        const wanted = advice.kind === 'set' ? name(advice.heightMm) : advice.candidatesMm.map(name).join(' or ')
        if (set === undefined) {
          return {
            ...base,
            kind: 'undecided',
            missing:
              advice.kind === 'set'
                ? ['setting.strapHeightMm']
                : ['setting.strapHeightMm', 'child.seatedShoulderHeightMm'],
            reason: () => `Shoulder at ${shoulder}: ${wanted}. What is set is not recorded.`,
            remedy: () => `Set ${wanted} and record it.`,
          }
        }
        if (!hasHeight(mode, set)) {
          return {
            ...base,
            kind: 'fail',
            reason: () =>
              `The straps are said to leave at ${formatNumber(set, 0)} mm, and this mode has no such height.`,
            remedy: () => `Look again which is set; for this shoulder: ${wanted}.`,
          }
        }
        const kind = judgeStrapHeight(rule, set, raised)
        const nearest = advice.kind === 'set' && advice.heightMm === set
        const offBy = Math.max(Math.abs(set - raised.lo), Math.abs(set - raised.hi))
        if (kind === 'pass' && offBy > justMm && (!nearest || mode.strap?.justMm !== undefined)) {
          return {
            ...base,
            kind: 'fail',
            // Beyond the maker's own figure it fails; beyond ours it is advised against.
            severity: mode.strap?.justMm === undefined ? 'advise' : 'fix',
            limit: justMm,
            reason: () =>
              `Strap exit ${formatNumber(offBy, 0)} mm from the shoulder at ${shoulder}; more than ${justMm} mm off ${mode.strap?.justMm === undefined ? 'is advised against' : 'is too far for the maker'}.`,
            remedy: () => `Set ${wanted}.`,
          }
        }
        return {
          ...base,
          kind,
          limit: set,
          missing: kind === 'undecided' ? ['child.seatedShoulderHeightMm'] : undefined,
          reason: () => `Strap exit at ${name(set)}, shoulder at ${shoulder}; it must be ${STRAP_RULE_TEXT[rule]}.`,
          remedy: () => (kind === 'undecided' ? 'Measure the seated shoulder height more closely.' : `Set ${wanted}.`),
        }
      }
      default:
        return unreachable(advice)
    }
  },
})
