import type { Issue } from '@/core/result'
import { formatLength } from '@/core/units'

export const inches = (value: number | string | undefined): string => formatLength(Number(value))
/** Fields whose range is said in feet and inches: their names end in `In`. */
const isLength = (issue: Issue): boolean =>
  [...issue.path].reverse().some((step) => typeof step === 'string' && /In$/.test(step))
const range = (issue: Issue, value: number | string): string => (isLength(issue) ? inches(value) : String(value))
const LENGTH_HELP = `Write it like 12' 6 5/8", 12-6-10, 150 5/8, 12.5' or 3.2 m. A bare number is inches.`

export type Facts = Issue['facts']
/** What would be room enough: so much at least, or so much at most. */
function roomText({ leastIn, mostIn }: Facts): string {
  if (leastIn !== undefined) return `: ${inches(leastIn)} at least`
  return mostIn === undefined || Number(mostIn) <= 0 ? '' : `: under ${inches(mostIn)} is accepted`
}
/** What is wrong with a field of any kind, and with the input of a figure. */
export const ENTRY_TEXT = {
  empty: () => 'Nothing entered. The last value is kept.',
  'not-a-length': () => `That is not a length. ${LENGTH_HELP}`,
  'not-a-number': () => 'That is not a number. Digits only, like 115 or 37.5.',
  'not-finite': () => 'That is not a number. Digits only, like 115 or 37.5.',
  'inches-over-foot': (facts) => `${facts.inches} inches is a foot or more: after feet, inches run from 0 to 11 15/16.`,
  'sixteenths-over-inch': (facts) =>
    `${facts.sixteenths} sixteenths is an inch or more: the last part runs from 0 to 15.`,
  'not-on-a-tape': (facts) =>
    `Parts of ${facts.denominator} are on no tape: halves, quarters, eighths, sixteenths and finer are accepted.`,
  'wrong-unit': (facts) =>
    facts.wanted !== undefined
      ? `“${facts.unit}” is not this field’s unit${facts.wanted ? `, which is ${facts.wanted}` : ''}.`
      : `“${facts.unit}” is no unit of length here. ${LENGTH_HELP}`,
  'too-small': (facts, issue) =>
    facts.exclusive === undefined
      ? `Too small: ${range(issue, facts.minimum)} or more is ` +
        `accepted.${isLength(issue) && Number(facts.minimum) >= 60 ? " A bare number is inches; write 36' for feet." : ''}`
      : `More than ${range(issue, facts.minimum)} is accepted.`,
  'too-large': (facts, issue) => `Too large: ${range(issue, facts.maximum)} or less is accepted.`,
  'not-whole': () => 'A whole number is wanted here.',
  'not-a-choice': (facts) => (facts.choices ? `Not one of the choices: ${facts.choices}.` : 'Not one of the choices.'),
  'wrong-type': (facts) => `This should be ${facts.wanted ?? 'something else'}.`,
  missing: () => 'This is missing.',
  'unknown-field': () => 'No field of this name belongs here.',
  'too-long': (facts) => `Too long: ${facts.maximum} characters at most.`,
  'too-few': (facts) => `Too few: ${facts.minimum} at least.`,
  'too-many': (facts) => `Too many: ${facts.maximum} at most.`,
  'duplicate-name': () => 'Two have this name: give each its own.',
  'not-a-record': () => 'This should be a group of fields.',
  'no-room': (facts) => `There is no room${roomText(facts)}.`,
  'not-ascending': () => 'Each is more than the one before it: smallest first, none twice.',
  'begins-at-zero': () => 'The first row is at 0: the others are measured from it.',
  outside: (facts) => `Outside the skin: from ${inches(facts.fromIn)} to ${inches(facts.toIn)} is accepted.`,
  'one-or-the-other': () =>
    'One or the other: degrees by the level, under 90, or the distances from a line at the top and at the bottom.',
  'unlike-count': (facts) => `As many as there are rows: ${facts.wanted} are wanted here.`,
  'nobody-has': (_, issue) => `Nobody here sells ${String(issue.path[1] ?? 'this')}. Add a price, or take it out.`,
  'too-far-apart': () => 'These are too far apart to reckon with: one is next to nothing beside another.',
  'too-slender': (facts) =>
    `Too slender: its slenderness is ${Math.round(Number(facts.found) * 10) / 10}, and past ${facts.most} nothing of its ` +
    'strength counts.',
  mechanism: () => 'Nothing holds this up: it would fall over.',
  'unknown-figure': (facts) => `There is no figure of that name. They are: ${facts.choices}.`,
} as const satisfies Partial<Record<Issue['code'], (facts: Facts, issue: Issue) => string>>

const isEntry = (code: string): code is keyof typeof ENTRY_TEXT => Object.hasOwn(ENTRY_TEXT, code)

/** One plain sentence for what is wrong with an entry; the code itself where it is of another kind. */
export const entryText = (issue: Issue): string =>
  isEntry(issue.code) ? ENTRY_TEXT[issue.code](issue.facts, issue) : issue.code
