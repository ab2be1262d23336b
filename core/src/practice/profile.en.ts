import { SLACK_MM, STEADY_WITHIN_MM, STRICT_CROWN_MM } from './figures.ts'
import type { Contact, SchoolQuestion } from './profile.ts'

/** What each contact of a practice is about. */
export const CONTACT_TEXT: Readonly<Record<Contact, string>> = {
  vehicle: 'About the car',
  maker: 'About the restraint',
  regulation: 'About the law',
  practice: 'A trained fitter',
  specialist: 'About a child’s posture',
}

/** The questions on which good practitioners differ, and their answers, in words. */
export const SCHOOL_TEXT: Record<SchoolQuestion, { question: string; schools: Record<string, string> }> = {
  slack: {
    question: 'Harness slack',
    schools: {
      'one-finger': `one finger (${SLACK_MM['one-finger']} mm)`,
      'two-fingers': `two fingers (${SLACK_MM['two-fingers']} mm)`,
      pinch: 'no strap to pinch',
    },
  },
  turningForward: {
    question: 'Turning forward',
    schools: { 'as-late-as-allowed': 'as late as the restraint allows', 'legal-minimum': 'at the legal minimum' },
  },
  boosterFrom: {
    question: 'Booster from',
    schools: { 'harness-to-its-limit': 'harness to its limit first', 'legal-minimum': 'at the legal minimum' },
  },
  steadiness: {
    question: 'Movement at the base',
    schools: { 'within-25-mm': `at most ${STEADY_WITHIN_MM} mm`, 'nothing-felt': 'nothing felt' },
  },
  vehicleHeadRestraint: {
    question: 'Vehicle head restraint',
    schools: { 'off-where-it-fouls': 'off only where it fouls', 'always-off': 'always off and stowed' },
  },
  baseGap: {
    question: 'Gap behind or under the base',
    schools: { none: 'none', 'accepted-where-maker-says': 'accepted where the maker says so' },
  },
  olderRearwardRecline: {
    question: 'Recline of an older rearward child',
    schools: { 'upright-as-comfort-allows': 'upright as comfort allows', 'most-reclined': 'most reclined' },
  },
  infantHead: {
    question: 'Infant’s head',
    schools: { 'edge-flush': 'level with the edge at most', 'margin-25-mm': `${STRICT_CROWN_MM} mm below the edge` },
  },
  infantAngle: {
    question: 'Infant’s shell angle',
    schools: {
      'usual-band': 'by head control and age',
      'upright-as-airway-allows': 'as upright as the head lies back',
    },
  },
  insertOut: {
    question: 'Insert out',
    schools: { 'at-makers-limit': 'at the maker’s limit', 'earlier-for-comfort': 'earlier for comfort' },
  },
  frontSeatGap: {
    question: 'Front seat against a rearward shell',
    schools: { 'as-maker-says': 'as the maker says', 'clear-gap-always': 'a clear gap always' },
  },
  knees: {
    question: 'Knees on a booster',
    schools: { 'must-bend': 'must bend at the cushion’s edge', advised: 'advised to' },
  },
  youngestSits: {
    question: 'The youngest of a family sits',
    schools: {
      anywhere: 'wherever all fit best',
      'in-the-middle': 'in the middle of a row',
      'behind-the-passenger': 'behind the passenger',
      'at-the-kerb': 'on the kerb side',
    },
  },
}
