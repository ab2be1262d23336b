import { sentence, ruleText } from '../say.ts'
import { dayInSentence, formatInterval, formatNumber, type Interval } from '../../quantities/index.ts'
import { unreachable } from '../../ground/index.ts'
import { type Need } from '../rule.ts'
import { type Advice } from '../../child/index.ts'

/** What sends a child to a specialist. */
export type Referral =
  | { readonly for: 'posture' }
  | { readonly for: 'mass' | 'birth-mass'; readonly massKg: Interval }
  | { readonly for: 'born-early'; readonly weeks: number }

const OUTCOME_TEXT: Record<Advice['outcome'], string> = {
  'lie-flat-only': 'lie-flat only',
  'semi-reclined-rearward': 'semi-reclined, rearward',
  'this-restraint': 'one restraint',
  'not-yet-by-car': 'not yet by car',
}
const ASK: Partial<Record<Need, string>> = {
  'child.needsPostureSpecialist': 'whether the child has posture needs of its own',
  'child.bornAtWeeks': 'at how many weeks it was born',
  'child.birthMassKg': 'what it weighed at birth',
  'child.massKg': 'what it weighs now',
  'child.ageMonths': 'its date of birth',
  'child.headControl': 'whether it holds its head steady',
}

function referralText(r: Referral): string {
  switch (r.for) {
    case 'posture':
      return 'posture needs of its own'
    case 'mass':
      return `a mass of ${formatInterval(r.massKg, 'kg')}`
    case 'birth-mass':
      return `a birth mass of ${formatInterval(r.massKg, 'kg')}`
    case 'born-early':
      return `born at ${r.weeks} weeks`
    default:
      return unreachable(r)
  }
}

export default ruleText({
  title: 'Specialist’s advice for a small or preterm child, or posture needs',
  standsOn:
    'A child born before 37 weeks or under 2.5 kg is referred until six months of corrected age and steady head control; so is any child under 2.5 kg now and, at any age, one with posture needs. What the specialist advised decides which modes remain.',
  says: {
    judged: sentence<{
      why: Referral
      by: string
      role: string
      on: string
      outcome: 'lie-flat-only' | 'semi-reclined-rearward' | 'this-restraint' | 'not-yet-by-car'
      permits: boolean
      modelName: string
      label: string
    }>({
      reason: ({ why, by, role, on, outcome, permits, modelName, label }) =>
        `Referred for ${referralText(why)}. ${by} (${role}) advised on ${dayInSentence(on)}: ${OUTCOME_TEXT[outcome]}${permits ? '' : `, which ${modelName}, ${label}, is not`}.`,
      remedy: ({ outcome }) =>
        outcome === 'not-yet-by-car'
          ? 'The child does not travel by car yet: ask the specialist again.'
          : 'Choose a mode that the advice permits, or ask the specialist again.',
    }),
    pass: sentence<{ bornAtWeeks: number | undefined }>({
      reason: ({ bornAtWeeks }) =>
        `No posture needs${bornAtWeeks === undefined ? '' : `, born at ${bornAtWeeks} weeks`}: nothing for a specialist to decide.`,
    }),
    unknown: sentence<{ missing: readonly Need[] | undefined; isTooClose: boolean }>({
      reason: ({ missing = [], isTooClose }) =>
        isTooClose
          ? 'Whether the mass is low enough to refer the child is too close to tell.'
          : `Not asked yet: ${missing.map((n) => ASK[n] ?? n).join(', and ')}.`,
      remedy: ({ missing = [], isTooClose }) =>
        isTooClose
          ? 'Weigh the child more closely.'
          : missing.every((n) => n === 'child.massKg')
            ? 'Weigh the child.'
            : missing.includes('child.massKg')
              ? 'Ask the carer, and weigh the child.'
              : 'Ask the carer.',
    }),
    'unknown-advice': sentence<{ refer: Referral; referredUntilMonths: number }>({
      reason: ({ refer }) =>
        `Stop here and refer: ${referralText(refer)}. A specialist decides how this child travels.`,
      remedy: ({ referredUntilMonths }) =>
        `Ask the neonatal team or a specialist, and record who said what on which day: lie-flat only, semi-reclined rearward, one restraint, or not yet by car (asked until ${formatNumber(referredUntilMonths)} months of corrected age).`,
    }),
  },
})
