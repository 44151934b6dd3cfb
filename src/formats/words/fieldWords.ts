import type { Found, Hold, Inspection, Squaring, StringSide } from '@/core/field'
import type { Side } from '@/core/model'
import { inchesAlone } from '@/core/units'
import { shortWall, type WallNames } from './places'

/** What was found in a hole. */
export const FOUND_WORDS: Readonly<Record<Found, string>> = {
  nothing: 'Good ground',
  rock: 'Rock',
  root: 'Root',
  water: 'Water',
  soft: 'Soft',
  frost: 'Frozen',
  clay: 'Clay',
}

/** Sides and diagonals of the strings as they lie on the plan, for whoever has no names of walls at hand. */
export const SIDE_WORDS: Readonly<Record<StringSide, string>> = {
  southIn: 'string at the foot of the plan',
  northIn: 'string at the head of the plan',
  westIn: 'string at the left of the plan',
  eastIn: 'string at the right of the plan',
  risingIn: 'diagonal that rises to the right',
  fallingIn: 'diagonal that falls to the right',
}

const WALL_OF = { southIn: 'south', northIn: 'north', westIn: 'west', eastIn: 'east' } as const
const called = (wallNames: WallNames, side: Side): string => shortWall(wallNames, side).toLowerCase()

/** A side or diagonal of the strings, by the walls as they stand on this site. */
export function sideWords(side: StringSide, wallNames: WallNames): string {
  if (side !== 'risingIn' && side !== 'fallingIn') return `${called(wallNames, WALL_OF[side])} string`
  const [from, to] = side === 'risingIn' ? (['west', 'east'] as const) : (['east', 'west'] as const)
  const corner = (along: 'south' | 'north', end: Side) => `${called(wallNames, along)}-${called(wallNames, end)}`
  return `diagonal ${corner('south', from)} to ${corner('north', to)}`
}

/** What an inspection looks at. */
export const INSPECTION_WORDS: Readonly<Record<Inspection, string>> = {
  footing: 'Footings, before the pour',
  set: 'Posts as set',
  braced: 'Bracing',
  covered: 'Frame, before it is covered',
}

/** What keeps a post from its next step, and what to do. */
export function holdSaid(hold: Hold): string {
  switch (hold.why) {
    case 'lines':
      return 'Have buried lines marked first: enter the date and the locator’s reference.'
    case 'depth':
      return 'Measure the hole first: no depth is kept.'
    case 'stop':
      return hold.say
    case 'inspection':
      return `Not passed yet: ${INSPECTION_WORDS[hold.of].toLowerCase()}. An inspector or a lead signs it.`
    case 'pour':
      return 'Its concrete was not entered as poured: nothing stands on it yet.'
    case 'cure': {
      const wait =
        hold.inHours === null ? 'It needs warmer weather or more days.' : `In about ${Math.ceil(hold.inHours)} h.`
      return `The concrete is too young to ${hold.what}. ${wait}`
    }
    case 'order':
      return `It is not ${hold.after} yet.`
  }
}

/** Less than this is not slid, inches. */
const LEAST_SLIDE_IN = 1 / 32

/** What the tape says of the strings: what to do, the most pressing first; empty where nothing is to be done. */
export function squaringSaid({ sides, slide }: Squaring, wallNames: WallNames): readonly string[] {
  const lengths = sides.map(
    ({ side, byIn }) =>
      `The ${sideWords(side, wallNames)} is ${inchesAlone(Math.abs(byIn))} too ${byIn > 0 ? 'long' : 'short'}.`,
  )
  if (slide === null || slide.byIn <= LEAST_SLIDE_IN) return lengths
  const first = lengths.length > 0 ? 'Then slide' : 'Slide'
  const to = called(wallNames, slide.to)
  return [...lengths, `${first} the ${sideWords('northIn', wallNames)} ${inchesAlone(slide.byIn)} to the ${to}.`]
}
