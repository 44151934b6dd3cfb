import { isSpot, type RecordBody, type RecordOf, spotOf } from '@/core/field'
import { unreachable } from '@/core/result'
import { FOUND_WORDS, SIDE_WORDS } from './fieldWords'
import { formatLength, IN_PER_FT, inchesAlone } from '@/core/units'
import { dayText } from './days'

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

type Called = (post: string) => string
/** Of a post as it stands what was measured. */
function standText({ offStringIn, leanIn, alongIn }: RecordOf<'stand'>): string {
  const parts = [
    ['off its string', offStringIn],
    ['leaning out', leanIn],
    ['leaning along', alongIn],
  ] as const
  const known = parts.flatMap(([what, inches]) => (inches === null ? [] : [`${inchesAlone(inches)} ${what}`]))
  return known.join(', ') || 'nothing measured'
}

/** What was measured besides rods and holes. */
function measuredText(
  body: RecordOf<'gap' | 'square' | 'stand' | 'span' | 'delivered' | 'temps'>,
  called: Called,
): string {
  switch (body.kind) {
    case 'gap':
      return `${called(body.from)} to ${called(body.to)}: ${inchesAlone(body.gapIn)}`
    case 'square':
      return `${SIDE_WORDS[body.side]}: ${formatLength(body.inches)}`
    case 'stand':
      return `${called(body.post)} stands: ${standText(body)}`
    case 'span':
      return `${called(body.from)} to ${called(body.to)} at the top: ${formatLength(body.spanIn)}`
    case 'delivered':
      return `${body.item}, ${body.what}: ${formatLength(body.inches, { feet: body.inches >= IN_PER_FT })}`
    case 'temps':
      return `${dayText(body.day)}: ${body.lowF} to ${body.highF} °F`
  }
}

/** What was said rather than measured. */
function saidText(body: RecordOf<'note' | 'here' | 'short' | 'lines' | 'override' | 'sign'>, called: Called): string {
  switch (body.kind) {
    case 'note':
      return `${body.post === null ? 'note' : `note on ${called(body.post)}`}: ${body.text}`
    case 'here':
      return `here on ${dayText(body.day)}: ${body.names.join(', ')}`
    case 'short':
      return `short: ${body.quantity} × ${body.item}`
    case 'lines':
      return `buried lines marked ${dayText(body.marked)}, reference ${body.reference}`
    case 'override':
      return `${called(body.post)} may be ${body.state} out of order: ${body.reason}`
    case 'sign':
      return `${body.inspection} ${body.passed ? 'passed' : 'not passed'} by ${body.name}: ${body.seen}`
    default:
      return unreachable(body)
  }
}

/** What was read with a rod, and where its laser stood. */
function rodText(body: RecordOf<'reading' | 'keep' | 'setup' | 'check' | 'grade'>, called: Called): string {
  switch (body.kind) {
    case 'reading':
      return readingText(body, called(body.target))
    case 'keep':
      return `a reading kept: ${body.reason}`
    case 'setup':
      return `set-up ${body.place}`
    case 'check':
      return `checked back: ${inchesAlone(body.benchmarkIn)}`
    case 'grade':
      return gradeText(body)
  }
}

/** What was dug, poured, cut and set. */
function workText(body: RecordOf<'hole' | 'pour' | 'state' | 'cut' | 'pieces'>, called: Called): string {
  switch (body.kind) {
    case 'hole':
      return `hole ${called(body.post)}: ${holeDepth(body)}, ${FOUND_WORDS[body.found].toLowerCase()}`
    case 'pour':
      return `${called(body.post)} poured, ${body.bags} bags`
    case 'state':
      return `${called(body.post)} ${body.state}`
    case 'cut':
      return `${called(body.post)} cut at ${body.lengthIn === null ? '–' : formatLength(body.lengthIn)}`
    case 'pieces':
      return piecesText(body)
  }
}

const isOf =
  <K extends RecordBody['kind']>(kinds: readonly K[]) =>
  (body: RecordBody): body is RecordOf<K> =>
    (kinds as readonly string[]).includes(body.kind)
const isRod = isOf(['reading', 'keep', 'setup', 'check', 'grade'])
const isWork = isOf(['hole', 'pour', 'state', 'cut', 'pieces'])
const isMeasured = isOf(['gap', 'square', 'stand', 'span', 'delivered', 'temps'])

/** One field record in a line of words; a post that is no more goes by its last name. */
export function recordText(body: RecordBody, names: Names): string {
  const called = (post: string) => targetName(post, names)
  if (isRod(body)) return rodText(body, called)
  if (isWork(body)) return workText(body, called)
  if (isMeasured(body)) return measuredText(body, called)
  if (body.kind === 'print') return 'cards printed'
  return body.kind === 'void' ? 'undo' : saidText(body, called)
}
