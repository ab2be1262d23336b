import {
  ageMonthsOf,
  correctedAgeMonths,
  headControlOf,
  LOW_BIRTH_MASS_KG,
  TERM_WEEKS,
  type Advice,
} from '../../child/index.ts'
import { compare, toInterval } from '../../quantities/index.ts'
import { isIntegral, modelName } from '../../restraint/index.ts'
import { defineRule, type ModeSubject, type Need, type Outcome } from '../rule.ts'
import { sayer } from '../say.ts'
import type en from './specialist-advice.en.ts'
import type { Referral } from './specialist-advice.en.ts'

const say = sayer<typeof en>()

/** Corrected age in months until which a small or preterm child is referred. */
export const REFERRED_UNTIL_MONTHS = 6

/** Why the child is referred, or the facts that would tell. */
type Doubt =
  | { readonly refer: Referral; readonly missing?: undefined }
  | { readonly refer?: undefined; readonly missing: readonly Need[] }

/** Whether the child is still young enough that birth decides, or it is not known. */
function youth(s: ModeSubject): 'young' | 'old' | Need {
  const age = correctedAgeMonths(s.child, s.today)
  if (age === undefined) return 'child.ageMonths'
  const control = headControlOf(s.child, s.today)
  if (age.lo < REFERRED_UNTIL_MONTHS || control === 'none') return 'young'
  return control === 'unknown' ? 'child.headControl' : 'old'
}

function birthDoubt(s: ModeSubject): Doubt | undefined {
  const { bornAtWeeks } = s.child
  const birthMassKg = toInterval(s.child.birthMassKg)
  const isPreterm = bornAtWeeks !== undefined && bornAtWeeks < TERM_WEEKS
  const heavyEnough = compare(birthMassKg, 'at-least', LOW_BIRTH_MASS_KG)
  // A term child of a good birth mass is not asked how old it is.
  if (bornAtWeeks !== undefined && !isPreterm && heavyEnough === 'pass') return undefined
  const age = youth(s)
  if (age === 'old') return undefined
  // With advice recorded it makes no difference how old the child is: the advice decides either way.
  if (age !== 'young' && s.child.advice === undefined) return { missing: [age] }
  if (isPreterm) return { refer: { for: 'born-early', weeks: bornAtWeeks } }
  if (birthMassKg !== undefined && heavyEnough === 'fail') return { refer: { for: 'birth-mass', massKg: birthMassKg } }
  if (age !== 'young') return { missing: [age] }
  const missing: Need[] = []
  if (bornAtWeeks === undefined) missing.push('child.bornAtWeeks')
  // Past six months by the calendar only an early birth can still make it too young.
  const isYoungAnyway = (ageMonthsOf(s.child, s.today)?.lo ?? 0) < REFERRED_UNTIL_MONTHS
  const lacksControl = headControlOf(s.child, s.today) === 'none'
  if (heavyEnough === 'undecided' && (isYoungAnyway || lacksControl)) missing.push('child.birthMassKg')
  return { missing }
}

/** What sends this child to a specialist, or the facts that would tell. */
function doubtOf(s: ModeSubject): Doubt | undefined {
  const { needsPostureSpecialist } = s.child
  if (needsPostureSpecialist === true) return { refer: { for: 'posture' } }
  const isLight = s.massKg && compare(s.massKg, 'less-than', LOW_BIRTH_MASS_KG)
  if (s.massKg !== undefined && isLight === 'pass') return { refer: { for: 'mass', massKg: s.massKg } }
  const birth = birthDoubt(s)
  if (birth?.refer !== undefined) return birth
  if (isLight === 'undecided') return { missing: ['child.massKg'] }
  const missing: readonly Need[] = [
    ...(needsPostureSpecialist === undefined ? (['child.needsPostureSpecialist'] as const) : []),
    ...(birth?.missing ?? []),
    // Unless it is known to be old enough, one that nobody has weighed may be lighter than that.
    ...(s.massKg === undefined && youth(s) !== 'old' ? (['child.massKg'] as const) : []),
  ]
  return missing.length > 0 ? { missing } : undefined
}

function isPermittedBy(advice: Advice, { mode, model }: ModeSubject): boolean {
  switch (advice.outcome) {
    case 'lie-flat-only':
      return mode.shape === 'lie-flat'
    case 'semi-reclined-rearward':
      return mode.direction === 'rearward' && mode.shape !== 'lie-flat' && isIntegral(mode)
    case 'this-restraint':
      return advice.modelId === model.id
    case 'not-yet-by-car':
      return false
  }
}

function judgeAdvice(advice: Advice, s: ModeSubject, why: Referral): Outcome {
  const permits = isPermittedBy(advice, s)
  return {
    kind: permits ? 'pass' : 'fail',
    says: say('judged', {
      why,
      by: advice.by,
      role: advice.role,
      on: advice.on,
      outcome: advice.outcome,
      permits,
      modelName: modelName(s.model),
      label: s.mode.label,
    }),
  }
}

export default defineRule({
  id: 'specialist-advice',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'practice',
  limits: {
    'corrected age, to': { value: REFERRED_UNTIL_MONTHS, unit: 'months' },
    'born before': { value: TERM_WEEKS, unit: 'weeks' },
    'mass, from': { value: LOW_BIRTH_MASS_KG, unit: 'kg' },
  },
  applies: () => true,
  evaluate: (s) => {
    const doubt = doubtOf(s)
    if (doubt === undefined) {
      const { bornAtWeeks } = s.child
      return { kind: 'pass', says: say('pass', { bornAtWeeks }) }
    }
    const { refer, missing } = doubt
    if (refer === undefined) {
      const isTooClose = s.massKg !== undefined && missing.includes('child.massKg')
      return {
        kind: 'undecided',
        missing,
        ...(isTooClose && { measured: s.massKg, limit: LOW_BIRTH_MASS_KG, unit: 'kg' }),
        says: say('unknown', { missing, isTooClose }),
      }
    }
    const { advice } = s.child
    if (advice !== undefined) return judgeAdvice(advice, s, refer)
    return {
      kind: 'undecided',
      missing: ['child.advice'],
      says: say('unknown-advice', { refer, referredUntilMonths: REFERRED_UNTIL_MONTHS }),
    }
  },
})
