import type { Hold } from '@/core/field'
import type { Issue } from '@/core/result'
import { upTo } from '@/core/units'
import { ENTRY_TEXT, type Facts, inches } from './entryText'
import { holdSaid } from './fieldWords'

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
  ...ENTRY_TEXT,
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
  'lean-to-too-steep': (facts) =>
    `The wind on open single slopes is known here up to 30°: at most ${upTo(Number(facts.most), 2)} per 12.`,
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
  'guest-until': () => 'A guest’s card ends on a day to come, within a year.',
  'left-with-office': () => 'Left with the office, which takes or refuses it.',
  'id-taken': () => 'Another record has this id already: enter it once more.',
  'not-stored': () => 'The database did not take this record as it is: enter it once more, in other words.',
  'clock-far': (facts) =>
    `The clock of this device says ${String(facts.at).slice(0, 10)}: set it right and enter this once more.`,
  'held-step': (facts) =>
    `Not ${facts.state} yet. ${holdSaid({ inHours: null, ...facts } as unknown as Hold)} Out of order only with a lead’s reason.`,
  'too-large-to-make': () => 'This paper is larger than the server can make at once: print fewer sheets.',
  'not-a-backup': () => 'The file is not a backup of Burdock.',
  'damaged-file': () => 'This file is damaged: what is in it is not what was written.',
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
  'password-short': (facts) => `${facts.least} letters at least; several words are easier to keep than one.`,
  'pin-digits': (facts) => `${facts.digits} digits.`,
  'pin-easy': () => 'That is the first number anybody tries. Take one whose digits do not follow each other.',
  'name-taken': (facts) => `Somebody is called ${facts.name} here already: add a second name.`,
  'sign-in-failed': () => 'Name and password do not belong together.',
  'phone-not-known': () => 'This phone is not known here. Open the invitation on it once more, or ask the office.',
  'too-many-tries': (facts) => `Too many tries. Wait ${facts.minutes} minutes, or ask the office for a new invitation.`,
  'invitation-over': () => 'This invitation has been used or is too old. Ask the office for a new one.',
  'not-a-picture': () => 'This is no JPEG picture: one is made of what is picked on the page of notes.',
  'a-leads-part': () => 'Only a lead, the office or the owner says that: ask one of them.',
  'not-your-part': () => 'An inspector says what was looked at; this is for the crew to enter.',
  'not-yours': () => 'Somebody else entered that: they or a lead can take it back.',
  'owner-there': () => 'This office has an owner already: sign in.',
  'setup-code': () => 'The code does not fit. It stands in the window where Burdock was started.',
  'last-owner': () => 'An office needs one owner: invite another before this one goes.',
}

/** One plain sentence for a coded issue. */
export const issueText = (issue: Issue): string => TEXT[issue.code](issue.facts, issue)

/** Where an issue is, in dots, for files: `building.openings.2.widthIn`. */
export const issuePath = (issue: Issue): string => issue.path.join('.')
