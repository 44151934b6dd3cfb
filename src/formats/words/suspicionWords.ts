import type { Levels, SetupLevels } from '@/core/field'
import type { Against, Confusion, Suspicion } from '@/core/marks'
import { counted, inchesAlone } from '@/core/units'
import { type Names, targetName } from './recordText'

/** What a doubted reading is off. */
const FROM: Readonly<Record<Against, string>> = {
  plan: 'where the plan has it',
  ground: 'the plane of the others',
  neighbors: 'its neighbors',
}
const MISTAKEN: Readonly<Record<Confusion, string>> = {
  'three-five-eighths': '3/8 and 5/8 are easily taken for each other',
  'five-eight': '5 and 8 are easily taken for each other',
  'two-five': '2 and 5 are easily taken for each other',
  'one-seven': '1 and 7 are easily taken for each other',
  tenths: 'tenths may have been entered as sixteenths',
  'upside-down': 'the rod may have stood upside down',
}

/** A doubted reading: what it is, and what to do. The same on every phone, in the office and on paper. */
interface SuspicionSaid {
  readonly title: string
  readonly say: string
}

/** A lead may keep it for a reason: that stands on the card of the post. */
const AGAIN = 'It moves no mark until it is read again.'

function offWords(name: string, suspicion: Extract<Suspicion, { kind: 'off' }>): SuspicionSaid {
  const { rodIn, offIn, spreadIn, against, confusion, meantIn } = suspicion
  const title = `${name} reads ${inchesAlone(rodIn)}: ${inchesAlone(Math.abs(offIn))} off ${FROM[against]}`
  if (confusion !== null && meantIn !== null)
    return { title, say: `${MISTAKEN[confusion]}: it may be ${inchesAlone(meantIn)}. ${AGAIN}` }
  const others = spreadIn === null ? '' : `The others spread by ${inchesAlone(spreadIn)}. `
  return { title, say: others + AGAIN }
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
        say: 'A third reading decides. Until then it moves no mark.',
      }
    case 'next-door':
      return {
        title: `${reads}, just like ${targetName(suspicion.with, names)} beside it`,
        say: `The rod may have stood next door. ${AGAIN}`,
      }
    case 'swapped':
      return {
        title: `${name} and ${targetName(suspicion.with, names)} may be exchanged`,
        say: `Each would fit the other. ${AGAIN}`,
      }
    case 'shifted':
      return {
        title: `The row of ${name} may be shifted by one post`,
        say: `Its readings would fit the posts beside them. ${AGAIN}`,
      }
    case 'mirror':
      return {
        title: `The row of ${name} may have been read from its other end`,
        say: `Its readings would fit in the other order. ${AGAIN}`,
      }
  }
}

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
