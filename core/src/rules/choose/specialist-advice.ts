import {
  ageMonthsOf,
  correctedAgeMonths,
  headControlOf,
  LOW_BIRTH_MASS_KG,
  TERM_WEEKS,
  type Advice,
} from '../../child/index.ts'
import { compare, formatInterval, formatNumber, toInterval } from '../../quantities/index.ts'
import { isIntegral, modelName } from '../../restraint/index.ts'
import { defineRule, type ModeSubject, type Need, type Outcome } from '../rule.ts'

/** Corrected age in months until which a small or preterm child is referred. */
export const REFERRED_UNTIL_MONTHS = 6

interface Doubt {
  /** Why the child is referred, in words; absent while only a fact is missing. */
  readonly refer?: string
  readonly missing?: readonly Need[]
}

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
  if (isPreterm) return { refer: `born at ${bornAtWeeks} weeks` }
  if (birthMassKg !== undefined && heavyEnough === 'fail')
    return { refer: `a birth mass of ${formatInterval(birthMassKg, 'kg')}` }
  if (age !== 'young') return { missing: [age] }
  const missing: Need[] = []
  if (bornAtWeeks === undefined) missing.push('child.bornAtWeeks')
  // Past six months by the calendar only an early birth can still make it too young.
  const isYoungAnyway = (ageMonthsOf(s.child, s.today)?.lo ?? 0) < REFERRED_UNTIL_MONTHS
  const lacksControl = headControlOf(s.child, s.today) === 'none'
  if (heavyEnough === 'undecided' && (isYoungAnyway || lacksControl || bornAtWeeks !== undefined))
    missing.push('child.birthMassKg')
  return { missing }
}

/** What sends this child to a specialist, or the facts that would tell. */
function doubtOf(s: ModeSubject): Doubt | undefined {
  const { needsPostureSpecialist } = s.child
  if (needsPostureSpecialist === true) return { refer: 'posture needs of its own' }
  const isLight = s.massKg === undefined ? 'fail' : compare(s.massKg, 'less-than', LOW_BIRTH_MASS_KG)
  if (s.massKg !== undefined && isLight === 'pass') return { refer: `a mass of ${formatInterval(s.massKg, 'kg')}` }
  const birth = birthDoubt(s)
  if (birth?.refer !== undefined) return birth
  if (isLight === 'undecided') return { missing: ['child.massKg'] }
  const missing: readonly Need[] = [
    ...(needsPostureSpecialist === undefined ? (['child.needsPostureSpecialist'] as const) : []),
    ...(birth?.missing ?? []),
  ]
  return missing.length > 0 ? { missing } : undefined
}

const OUTCOME_TEXT: Record<Advice['outcome'], string> = {
  'lie-flat-only': 'lie-flat only',
  'semi-reclined-rearward': 'semi-reclined, rearward',
  'this-restraint': 'one restraint',
  'not-yet-by-car': 'not yet by car',
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

function judgeAdvice(advice: Advice, s: ModeSubject, why: string): Outcome {
  const permits = isPermittedBy(advice, s)
  const said = `${advice.by} (${advice.role}) advised on ${advice.on}: ${OUTCOME_TEXT[advice.outcome]}`
  return {
    kind: permits ? 'pass' : 'fail',
    reason: () =>
      `Referred for ${why}. ${said}${permits ? '' : `, which ${modelName(s.model)}, ${s.mode.label}, is not`}.`,
    remedy: () =>
      advice.outcome === 'not-yet-by-car'
        ? 'The child does not travel by car yet: ask again there.'
        : 'Choose a mode that the advice permits, or ask again there.',
  }
}

const ASK: Partial<Record<Need, string>> = {
  'child.needsPostureSpecialist': 'whether the child has posture needs of its own',
  'child.bornAtWeeks': 'at how many weeks it was born',
  'child.birthMassKg': 'what it weighed at birth',
  'child.massKg': 'its mass more closely',
  'child.ageMonths': 'its day of birth',
  'child.headControl': 'whether it holds its head steady',
}

export default defineRule({
  id: 'specialist-advice',
  title: 'Specialist’s advice for a small, preterm or posture-bound child',
  scope: 'mode',
  stage: 'choose',
  severity: 'stop',
  source: 'practice',
  standsOn:
    'Until six months of corrected age and steady head control a child born before 37 weeks or under 2.5 kg at birth, any child under 2.5 kg now, and at any age one with posture needs is referred; what the specialist advised decides which modes are left.',
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
      const born = bornAtWeeks === undefined ? '' : `, born at ${bornAtWeeks} weeks`
      return { kind: 'pass', reason: () => `No posture needs${born}: nothing that a specialist has to decide.` }
    }
    const { refer, missing } = doubt
    if (refer === undefined) {
      return {
        kind: 'undecided',
        missing,
        ...(missing?.includes('child.massKg') && { measured: s.massKg, limit: LOW_BIRTH_MASS_KG, unit: 'kg' }),
        reason: () => `Nobody has asked yet ${(missing ?? []).map((n) => ASK[n] ?? n).join(', and ')}.`,
        remedy: () => 'Ask the carer.',
      }
    }
    const { advice } = s.child
    if (advice !== undefined) return judgeAdvice(advice, s, refer)
    return {
      kind: 'undecided',
      missing: ['child.advice'],
      reason: () => `Stop here and refer: ${refer}. A specialist decides how this child travels.`,
      remedy: () =>
        `Ask the neonatal team or a specialist, and record who said what on which day: lie-flat only, semi-reclined rearward, one restraint, or not yet by car (asked until ${formatNumber(REFERRED_UNTIL_MONTHS)} months of corrected age).`,
    }
  },
})
