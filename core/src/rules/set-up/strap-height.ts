import {
  adviseStrapHeight,
  exitOf,
  gaugeAboveExitMm,
  paddingNowMm,
  judgeStrapHeight,
  JUST_MM,
  strapRuleOf,
} from '../../fit/index.ts'
import { exactly, plus } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'
import type { Mode } from '../../restraint/index.ts'
import { defineRule, outcomeOf } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './strap-height.en.ts'

const say = sayer<typeof en>()

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
  scope: 'fitted',
  stage: 'set-up',
  severity: 'fix',
  source: 'maker',
  limits: { 'just, at most': { value: JUST_MM, unit: 'mm' } },
  applies: ({ mode }) =>
    mode.heldBy === 'harness' && mode.strap !== undefined && mode.strap.adjuster.kind !== 'follows-head-support',
  evaluate: ({ mode, settings, shoulderMm }) => {
    const justMm = mode.strap?.justMm ?? JUST_MM
    const rule = strapRuleOf(mode)
    if (shoulderMm === undefined) {
      return {
        kind: 'undecided',
        missing: ['child.seatedShoulderHeightMm'],
        says: say('no-shoulder', { rule }),
      }
    }
    if (gaugeAboveExitMm(mode) === undefined) {
      return { kind: 'undecided', missing: ['mode.strap'], says: say('unknown-gauge') }
    }
    const paddingMm = paddingNowMm(mode, settings.insertsIn?.value)
    if (paddingMm === undefined) {
      const isRead = mode.inserts !== undefined
      return {
        kind: 'undecided',
        missing: [isRead ? 'setting.insertsIn' : 'mode.inserts'],
        says: say('unknown-padding', { isRead }),
      }
    }
    const raised = plus(shoulderMm, exactly(paddingMm))
    const advice = adviseStrapHeight(mode, raised)
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
          says: say('out-of-reach', { because: advice.because, shoulder: raised, rule }),
        }
      case 'measure':
      case 'set': {
        const name = (mm: number) => exitOf(mode, mm)
        const wanted = (advice.kind === 'set' ? [advice.heightMm] : advice.candidatesMm).map(name)
        if (set === undefined) {
          return {
            ...base,
            kind: 'undecided',
            missing:
              advice.kind === 'set'
                ? ['setting.strapHeightMm']
                : ['setting.strapHeightMm', 'child.seatedShoulderHeightMm'],
            says: say('not-recorded', { shoulder: raised, wanted }),
          }
        }
        if (!hasHeight(mode, set)) {
          return {
            ...base,
            kind: 'fail',
            says: say('no-such-height', { set, wanted }),
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
            says: say('too-far', {
              offBy,
              shoulder: raised,
              justMm,
              isMakers: mode.strap?.justMm !== undefined,
              wanted,
            }),
          }
        }
        return outcomeOf(kind, ['child.seatedShoulderHeightMm'], {
          ...base,
          limit: set,
          says: say('judged', { kind, set: name(set), shoulder: raised, rule, wanted }),
        })
      }
      default:
        return unreachable(advice)
    }
  },
})
