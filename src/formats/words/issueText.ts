import type { Issue } from '@/core/result'
import { formatLength } from '@/core/units'

const inches = (v: number | string | undefined): string => formatLength(Number(v))
/** Fields whose range is said in feet and inches: their names end in `In`. */
const isLength = (i: Issue): boolean => [...i.path].reverse().some((p) => typeof p === 'string' && /In$/.test(p))
const range = (i: Issue, v: number | string): string => (isLength(i) ? inches(v) : String(v))
export const LENGTH_HELP = `Write it like 12' 6 5/8", 12-6-10, 150 5/8, 12.5' or 3.2 m. A bare number is inches.`

type Facts = Issue['facts']
const TEXT: Readonly<Record<Issue['code'], (f: Facts, i: Issue) => string>> = {
  empty: () => 'Nothing entered. The last value is kept.',
  'not-a-length': () => `That is not a length. ${LENGTH_HELP}`,
  'not-a-number': () => 'That is not a number. Digits only, like 115 or 37.5.',
  'not-finite': () => 'That is not a number. Digits only, like 115 or 37.5.',
  'inches-over-foot': (f) => `${f.inches} inches is a foot or more: after feet, inches run from 0 to 11 15/16.`,
  'sixteenths-over-inch': (f) => `${f.sixteenths} sixteenths is an inch or more: the last part runs from 0 to 15.`,
  'wrong-unit': (f) =>
    f.wanted !== undefined
      ? `“${f.unit}” is not this field’s unit${f.wanted ? `, which is ${f.wanted}` : ''}.`
      : `“${f.unit}” is no unit of length here. ${LENGTH_HELP}`,
  'too-small': (f, i) =>
    `Too small: ${range(i, f.minimum)} or more is accepted.${isLength(i) && Number(f.minimum) >= 60 ? " A bare number is inches; write 36' for feet." : ''}`,
  'too-large': (f, i) => `Too large: ${range(i, f.maximum)} or less is accepted.`,
  'not-whole': () => 'A whole number is wanted here.',
  'not-a-choice': (f) => (f.choices ? `Not one of the choices: ${f.choices}.` : 'Not one of the choices.'),
  'wrong-type': (f) => `This should be ${f.wanted ?? 'something else'}.`,
  missing: () => 'This is missing.',
  'unknown-field': () => 'No field of this name belongs here.',
  'too-long': (f) => `Too long: ${f.maximum} characters at most.`,
  'too-many': (f) => `Too many: ${f.maximum} at most.`,
  'not-json': () =>
    'The file is not a whole Burdock job file: it is cut short or not JSON. Export it again from where it came.',
  'wrong-format': (f) => `The file is not a Burdock job: its format should read “${f.wanted}”.`,
  'newer-version': (f) =>
    `The file was made by a newer Burdock (version ${f.found}); this one reads up to version ${f.known}.`,
  'file-too-large': () => 'The file is too large to be a job: 4 MB at most.',
  'bays-do-not-close': (f) =>
    `The bays add up to ${inches(f.sumIn)} but the wall is ${inches(f.totalIn)}. Change a bay by ${inches(Math.abs(Number(f.totalIn) - Number(f.sumIn)))}, or choose equal bays.`,
  'too-many-bays': (f) => `Bays would be under 2′: ${f.most} at most on this wall.`,
  'opening-wider-than-wall': (f) => `Wider than its wall: between the corner posts there is ${inches(f.roomIn)}.`,
  'opening-past-corner': (f) => `Runs past the far corner: ${inches(f.mostIn)} from this corner at most.`,
  'opening-over-heel': (f) => `Reaches over the heel: ${inches(f.mostIn)} high at most.`,
  'openings-overlap': (f) =>
    `Overlaps ${f.other}, which runs from ${inches(f.otherFromIn)} to ${inches(f.otherToIn)} along this wall.`,
  'opening-too-near-corner': (f) =>
    `Too near the corner for its post: ${inches(f.leastIn)} from it at least, ${inches(f.mostIn)} at most.`,
  'corner-not-on-wall': (f) => `That corner is not on this wall. Choose ${f.choices}.`,
  'post-in-opening': (f) =>
    `Post ${f.post} would stand inside it. Clear places start at ${inches(Math.max(0, Number(f.beforeIn)))} or less, or ${inches(f.afterIn)} or more, from the west or south corner.`,
  'posts-collide': (f) => `Post ${f.post} would stand in ${f.other}.`,
  'lean-to-twice': () => 'There is a lean-to on that eave already.',
  'lean-to-too-low': (f) =>
    `The lean-to would end at ${inches(f.heightIn)}; ${inches(f.leastIn)} at least. Less drop, less pitch or less depth.`,
  'sill-needs-window': () => 'Only a window has a sill; a door starts at the grade line.',
  'pier-needs-diaphragm': () => 'A post on a bracket needs the roof diaphragm to hold its top.',
  'own-soil-missing': () => 'Enter the value from the soil report.',
  'duplicate-id': (f) => `Two openings share the id “${f.id}”.`,
  'skirt-over-heel': () => 'The skirt would reach over the heel.',
  'unknown-lumber': () => 'That grade is not in the tables.',
  'no-such-post': (f) => `There is no post ${f.post}.`,
  'triangle-cannot-close': () => 'These measures cannot belong to one four-sided figure. Read the longest again.',
  'too-few-measures': (f) => `${f.have} of ${f.need} measures entered: all four sides and a diagonal at least.`,
  'not-a-record': () => 'This should be a group of fields.',
}

/** One plain sentence for a coded issue. */
export const issueText = (i: Issue): string => TEXT[i.code](i.facts, i)

/** Where an issue is, in dots, for files: `building.openings.2.widthIn`. */
export const issuePath = (i: Issue): string => i.path.join('.')
