import type { Hold, Inspection, Squaring, StringSide } from '@/core/field'
import { inchesAlone } from '@/core/units'

/** Sides and diagonals of the strings. */
export const SIDE_WORDS: Readonly<Record<StringSide, string>> = {
  southIn: 'south string',
  northIn: 'north string',
  westIn: 'west string',
  eastIn: 'east string',
  risingIn: 'diagonal south-west to north-east',
  fallingIn: 'diagonal south-east to north-west',
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

/** What the tape says of the strings: what to do, the most pressing first; empty where nothing is to be done. */
export function squaringSaid({ sides, slide }: Squaring): readonly string[] {
  const lengths = sides.map(
    ({ side, byIn }) => `The ${SIDE_WORDS[side]} is ${inchesAlone(Math.abs(byIn))} too ${byIn > 0 ? 'long' : 'short'}.`,
  )
  const worth = slide !== null && slide.byIn > 1 / 32
  const first = lengths.length > 0 ? 'Then slide' : 'Slide'
  return worth ? [...lengths, `${first} the north string ${inchesAlone(slide.byIn)} to the ${slide.to}.`] : lengths
}
