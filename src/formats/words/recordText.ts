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

/** One field record in a line of words; a post that is no more goes by its last name. */
export function recordText(body: RecordBody, names: Names): string {
  const called = (post: string) => targetName(post, names)
  switch (body.kind) {
    case 'reading':
      return `${called(body.target)} reads ${inchesAlone(body.inches)}${body.of === 'footing' ? ' on the pad' : ''}`
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
    case 'gap':
      return `${called(body.from)} to ${called(body.to)}: ${inchesAlone(body.gapIn)}`
    case 'grade':
      return body.gradeReadingIn === null
        ? 'grade line unlocked'
        : `grade line locked at ${inchesAlone(body.gradeReadingIn)}`
    case 'print':
      return 'cards printed'
    case 'void':
      return 'undo'
    default:
      return unreachable(body)
  }
}
