import { isSpot, type RecordBody, spotOf } from '@/core/field'
import { unreachable } from '@/core/result'
import { formatLength, inchesAlone } from '@/core/units'

/** What each post is called, by its identity. */
export type Names = Readonly<Record<string, string>>

/** What people call the target of a reading: the post, or the spot of the ground. */
export const targetName = (target: string, names: Names): string =>
  isSpot(target) ? spotOf(target) : (names[target] ?? target)

function holeDepth(body: Extract<RecordBody, { kind: 'hole' }>): string {
  if (body.depthIn !== null) return formatLength(body.depthIn)
  return body.bottomReadingIn === null ? '–' : `rod reads ${inchesAlone(body.bottomReadingIn)} on its bottom`
}

const gradeText = ({ gradeReadingIn }: Extract<RecordBody, { kind: 'grade' }>): string =>
  gradeReadingIn === null ? 'grade line unlocked' : `grade line locked at ${inchesAlone(gradeReadingIn)}`

/** A reading, where it was taken and whether it was the second. */
function readingText({ inches, of, second }: Extract<RecordBody, { kind: 'reading' }>, name: string): string {
  const where = of === 'footing' ? ' on the pad' : ''
  return `${name} reads ${inchesAlone(inches)}${where}${second ? ', read a second time' : ''}`
}

/** Pieces by name as far as a line has room. */
function piecesText({ pieces, state }: Extract<RecordBody, { kind: 'pieces' }>): string {
  const all = Object.entries(pieces)
  const [first] = all
  if (!first) return state
  const name = first[1]?.name ?? first[0]
  return all.length === 1 ? `${name} ${state}` : `${name} and ${all.length - 1} more ${state}`
}

/** One field record in a line of words; a post that is no more goes by its last name. */
export function recordText(body: RecordBody, names: Names): string {
  const called = (post: string) => targetName(post, names)
  switch (body.kind) {
    case 'reading':
      return readingText(body, called(body.target))
    case 'keep':
      return `a reading kept: ${body.reason}`
    case 'setup':
      return `set-up ${body.place}`
    case 'check':
      return `checked back: ${inchesAlone(body.benchmarkIn)}`
    case 'hole':
      return `hole ${called(body.post)}: ${holeDepth(body)}, ${body.found}`
    case 'pour':
      return `${called(body.post)} poured, ${body.bags} bags`
    case 'state':
      return `${called(body.post)} ${body.state}`
    case 'cut':
      return `${called(body.post)} cut at ${body.lengthIn === null ? '–' : formatLength(body.lengthIn)}`
    case 'pieces':
      return piecesText(body)
    case 'gap':
      return `${called(body.from)} to ${called(body.to)}: ${inchesAlone(body.gapIn)}`
    case 'grade':
      return gradeText(body)
    case 'print':
      return 'cards printed'
    case 'void':
      return 'undo'
    default:
      return unreachable(body)
  }
}
