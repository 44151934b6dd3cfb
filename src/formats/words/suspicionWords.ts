import type { Levels, PostAsBuilt, SetupLevels } from '@/core/field'
import type { Against, Confusion, Suspicion } from '@/core/marks'
import { counted, inchesAlone } from '@/core/units'
import { type Names, targetName } from './recordText'

/** What a doubted reading is off. */
const FROM: Readonly<Record<Against, string>> = {
  plan: 'where the plan has it',
  ground: 'the plane of the others',
  neighbors: 'its neighbors',
}
/** Short: while a number is typed they stand beside a key, on two lines. */
const MISTAKEN: Readonly<Record<Confusion, string>> = {
  'three-five-eighths': '3/8 and 5/8 look alike',
  'five-eight': '5 and 8 look alike',
  'two-five': '2 and 5 look alike',
  'one-seven': '1 and 7 look alike',
  tenths: 'Tenths entered as sixteenths',
  'upside-down': 'The rod may stand upside down',
}

/** A doubted reading: what it is, and what to do. The same on every phone, in the office and on paper. */
interface SuspicionSaid {
  readonly title: string
  /** Why that may be. */
  readonly say: string
  /** What the reading does until it is read again. */
  readonly until: string
}

/** A lead may keep it for a reason: that stands on the card of the post. */
const AGAIN = 'It moves no mark until it is read again.'

function offWords(name: string, suspicion: Extract<Suspicion, { kind: 'off' }>): SuspicionSaid {
  const { rodIn, offIn, spreadIn, against, confusion, meantIn } = suspicion
  const title = `${name} reads ${inchesAlone(rodIn)}: ${inchesAlone(Math.abs(offIn))} off ${FROM[against]}`
  if (confusion !== null && meantIn !== null)
    return { title, say: `${MISTAKEN[confusion]}: it may be ${inchesAlone(meantIn)}.`, until: AGAIN }
  return { title, say: spreadIn === null ? '' : `The others spread by ${inchesAlone(spreadIn)}.`, until: AGAIN }
}

/** What is doubted of the reading of one place. */
export function suspicionSaid(target: string, suspicion: Suspicion, names: Names): SuspicionSaid {
  const name = targetName(target, names)
  const reads = `${name} reads ${inchesAlone(suspicion.rodIn)}`
  switch (suspicion.kind) {
    case 'off':
      return offWords(name, suspicion)
    case 'disputed':
      return {
        title: `${reads}, the second time ${inchesAlone(suspicion.otherIn)}`,
        say: 'A third reading decides.',
        until: 'Until then it moves no mark.',
      }
    case 'next-door':
      return {
        title: `${reads}, just like ${targetName(suspicion.with, names)} beside it`,
        say: 'The rod may have stood next door.',
        until: AGAIN,
      }
    case 'swapped':
      return {
        title: `${name} and ${targetName(suspicion.with, names)} may be exchanged`,
        say: 'Each would fit the other.',
        until: AGAIN,
      }
    case 'shifted':
      return {
        title: `The row of ${name} may be shifted by one post`,
        say: 'Its readings would fit the posts beside them.',
        until: AGAIN,
      }
    case 'mirror':
      return {
        title: `The row of ${name} may have been read from its other end`,
        say: 'Its readings would fit in the other order.',
        until: AGAIN,
      }
  }
}

/** Of what counts as unread: whether it was read and is to be read again. */
export const unreadSaid = (again: boolean): string => (again ? 'to read again' : 'not read')

/** What the rod of a post says; where it reads, the reading follows. */
export const rodSaid = ({ readingIn, rodAgain }: Pick<PostAsBuilt, 'readingIn' | 'rodAgain'>): string =>
  readingIn === null ? `rod ${unreadSaid(rodAgain)}` : 'rod reads'

/**
 * From which set-up a reading is told: on the rod of another laser it was another number. Empty where the office typed it.
 */
export const rodAtSaid = ({ rodAt }: Pick<PostAsBuilt, 'rodAt'>): string =>
  rodAt === null ? '' : `rod at set-up ${rodAt}`

/** What the marks of a post are where its foot counts as the plan has it. */
export const footUnreadText = ({ footAgain }: Pick<PostAsBuilt, 'footAgain'>): string =>
  footAgain
    ? 'Its foot is to be read again: until then these marks are the plan’s.'
    : 'Its foot has not been read: these marks are the plan’s.'

/** Where a laser stands, in words. */
const whereOf = ({ place }: SetupLevels): string => place || 'a place without a name'

/** What a check back to the benchmark says of a set-up; empty where the laser stood still. */
export function bumpsSaid(setup: SetupLevels): readonly string[] {
  return setup.bumps.map(({ byIn, corrected, again }) => {
    const moved = `The laser at ${whereOf(setup)} was bumped by ${inchesAlone(Math.abs(byIn))} before it was checked.`
    const after =
      corrected > 0 ? ` ${counted(corrected, 'reading')} after it ${corrected === 1 ? 'is' : 'are'} corrected.` : ''
    const doubt =
      again > 0
        ? ` ${counted(again, 'reading')} may be of before or after: read ${again === 1 ? 'it' : 'them'} again.`
        : ''
    return moved + after + doubt
  })
}

/** The newest bump of a set-up on two lines beside a key; null where the laser stood still. */
export function bumpInShort({ bumps }: Pick<SetupLevels, 'bumps'>): string | null {
  const bump = bumps.at(-1)
  if (!bump) return null
  const became = [
    ...(bump.corrected > 0 ? [`${counted(bump.corrected, 'reading')} corrected`] : []),
    ...(bump.again > 0 ? [`${bump.again} to read again`] : []),
  ]
  return `Bumped by ${inchesAlone(Math.abs(bump.byIn))}${became.length > 0 ? `: ${became.join(', ')}` : ''}.`
}

/** What is said of a set-up whose readings count for nothing; empty where they count. */
export function untiedSaid(setup: SetupLevels): readonly string[] {
  const { state, count } = setup
  if (state !== 'untied' || count === 0) return []
  const readings = `${counted(count, 'reading')} from ${whereOf(setup)}`
  return [`${readings} ${count === 1 ? 'moves' : 'move'} no mark: nothing ties that set-up to the first.`]
}

/** How a set-up stands. */
export const SETUP_STATE: Readonly<Record<SetupLevels['state'], string>> = {
  open: 'open, not checked back',
  closed: 'closed on its benchmark',
  bumped: 'bumped',
  untied: 'not tied to the first',
}
/** Why readings are not used. */
export const WHY_UNUSED: Readonly<Record<Levels['unused'][number]['why'], string>> = {
  bumped: 'the laser was bumped and they may be of before or after',
  untied: 'their set-up is not tied to the first by a benchmark',
  'no-setup': 'they belong to no set-up',
}
