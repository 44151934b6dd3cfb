import type { Issue } from '@/core/result'
import { formatLength } from '@/core/units'

const inches = (value: number | string | undefined): string => formatLength(Number(value))
/** Fields whose range is said in feet and inches: their names end in `In`. */
const isLength = (issue: Issue): boolean =>
  [...issue.path].reverse().some((step) => typeof step === 'string' && /In$/.test(step))
const range = (issue: Issue, value: number | string): string => (isLength(issue) ? inches(value) : String(value))
const LENGTH_HELP = `Write it like 12' 6 5/8", 12-6-10, 150 5/8, 12.5' or 3.2 m. A bare number is inches.`

type Facts = Issue['facts']
/** What would be room enough: so much at least, or so much at most. */
function roomText({ leastIn, mostIn }: Facts): string {
  if (leastIn !== undefined) return `: ${inches(leastIn)} at least`
  return mostIn === undefined || Number(mostIn) <= 0 ? '' : `: under ${inches(mostIn)} is accepted`
}
/** What a change would do to a recorded post: `move 3′ 2″`. */
export function effectText({ effect, byIn, toName }: Facts): string {
  switch (effect) {
    case 'moved':
      return `move ${inches(byIn)}`
    case 'renamed':
      return `be called ${toName}`
    case 'merged':
      return `give its place to ${toName}`
    default:
      return 'be taken away'
  }
}

const TEXT: Readonly<Record<Issue['code'], (facts: Facts, issue: Issue) => string>> = {
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
  'not-json': () =>
    'The file is not a whole Burdock job file: it is cut short or not JSON. Export it again from where it came.',
  'wrong-format': (facts) => `The file is not a Burdock job: its format should read “${facts.wanted}”.`,
  'newer-version': (facts) =>
    `The file was made by a newer Burdock (version ${facts.found}); this one reads up to version ${facts.known}.`,
  'file-too-large': () => 'The file is too large to be a job: 4 MB at most.',
  'bays-do-not-close': (facts) =>
    `The bays add up to ${inches(facts.sumIn)} but the wall is ${inches(facts.totalIn)}. Change a bay by ` +
    `${inches(Math.abs(Number(facts.totalIn) - Number(facts.sumIn)))}, or choose equal bays.`,
  'too-many-bays': (facts) => `Bays would be under 2′: ${facts.most} at most on this wall.`,
  'last-bay-too-wide': (facts) =>
    `Too long for the bays set by hand: the last may be ${inches(facts.bayIn)}, which makes ${inches(facts.mostIn)} at ` +
    'most. Choose equal bays, or set another.',
  'last-bay-too-narrow': (facts) =>
    `Too short for the bays set by hand: with the last one at 2′ it is ${inches(facts.leastIn)} at least. Choose equal ` +
    'bays, or take one out.',
  'opening-wider-than-wall': (facts) =>
    `Wider than its wall: between the corner posts there is ${inches(facts.roomIn)}.`,
  'opening-past-corner': (facts) => `Runs past the far corner: ${inches(facts.mostIn)} from this corner at most.`,
  'opening-over-heel': (facts) => `Reaches over the heel: ${inches(facts.mostIn)} high at most.`,
  'openings-overlap': (facts) =>
    `Overlaps ${facts.other}, which runs from ${inches(facts.otherFromIn)} to ${inches(facts.otherToIn)} along ` +
    'this wall.',
  'opening-too-near-corner': (facts) =>
    `Too near the corner for its post: ${inches(facts.leastIn)} from it at least, ${inches(facts.mostIn)} at most.`,
  'corner-not-on-wall': (facts) => `That corner is not on this wall. Choose ${facts.choices}.`,
  'post-in-opening': (facts) =>
    `Post ${facts.post} would stand inside it. Clear places start at ` +
    `${inches(Math.max(0, Number(facts.beforeIn)))} or less, or ${inches(facts.afterIn)} or more, from the west ` +
    'or south corner.',
  'posts-collide': (facts) => `Post ${facts.post} would stand in ${facts.other}.`,
  'lean-to-twice': () => 'There is a lean-to on that eave already.',
  'lean-to-too-low': (facts) =>
    `The lean-to would end at ${inches(facts.heightIn)}; ${inches(facts.leastIn)} at least. Less drop, less ` +
    'pitch or less depth.',
  'sill-needs-window': () => 'Only a window has a sill; a door starts at the grade line.',
  'pier-needs-diaphragm': () => 'A post on a bracket needs the roof diaphragm to hold its top.',
  'own-soil-missing': () => 'Enter the value from the soil report.',
  'duplicate-id': (facts) => `Two openings share the id “${facts.id}”.`,
  'skirt-over-heel': () => 'The skirt would reach over the heel.',
  'unknown-lumber': () => 'That grade is not in the tables.',
  'no-such-post': (facts) => `There is no post ${facts.post}.`,
  'no-such-revision': (facts) => `Revision ${facts.revision} was not kept whole and cannot be brought back.`,
  'name-of-two': (facts) =>
    `Two posts have been called ${facts.post}: open the post from the list of posts and enter it there.`,
  'stands-with-door': (facts) => `${facts.post} stands with its door: move the door.`,
  'holds-its-place': (facts) => `${facts.post} holds the ${facts.place}: it stays.`,
  'post-cannot-stay': (facts) => `${facts.post} cannot stand where it stood: its row has no place there any more.`,
  'kept-too-wide': (facts) =>
    `Between ${facts.post}, which stays, and ${facts.other} the space would be ${inches(facts.spaceIn)}; ` +
    `${inches(facts.widestIn)} at most.`,
  'kept-too-narrow': (facts) =>
    `Between ${facts.post}, which stays, and ${facts.other} the space would be ${inches(facts.spaceIn)}; ` +
    `${inches(facts.leastIn)} at least.`,
  'recorded-post': (facts) =>
    `${facts.post} has a record on site and would ${effectText(facts)}. Say whether it stays where it is.`,
  'triangle-cannot-close': () => 'These measures cannot belong to one four-sided figure. Read the longest again.',
  'too-few-measures': (facts) =>
    `${facts.have} of ${facts.need} measures entered: all four sides and a diagonal at least.`,
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
  'unknown-figure': (facts) => `There is no figure of that name. They are: ${facts.choices}.`,
}

/** One plain sentence for a coded issue. */
export const issueText = (issue: Issue): string => TEXT[issue.code](issue.facts, issue)

/** Where an issue is, in dots, for files: `building.openings.2.widthIn`. */
export const issuePath = (issue: Issue): string => issue.path.join('.')
