import type { RecordBody } from '@/core/field'
import { unreachable } from '@/core/result'
import { formatLength } from '@/core/units'

const inches = (lengthIn: number): string => formatLength(lengthIn, { feet: false })

function holeDepth(body: Extract<RecordBody, { kind: 'hole' }>): string {
  if (body.depthIn !== null) return formatLength(body.depthIn)
  return body.bottomReadingIn === null ? '–' : `rod reads ${inches(body.bottomReadingIn)} on its bottom`
}

/** One field record in a line of words. */
export function recordText(body: RecordBody): string {
  switch (body.kind) {
    case 'reading':
      return `${body.target} reads ${inches(body.inches)}${body.of === 'footing' ? ' on the pad' : ''}`
    case 'setup':
      return `set-up ${body.place}`
    case 'check':
      return `checked back: ${inches(body.benchmarkIn)}`
    case 'hole':
      return `hole ${body.post}: ${holeDepth(body)}, ${body.found}`
    case 'pour':
      return `${body.post} poured, ${body.bags} bags`
    case 'state':
      return `${body.post} ${body.state}`
    case 'cut':
      return `${body.post} cut at ${body.lengthIn === null ? '–' : formatLength(body.lengthIn)}`
    case 'gap':
      return `${body.from} to ${body.to}: ${body.gapIn}″`
    case 'grade':
      return body.gradeReadingIn === null ? 'grade line unlocked' : `grade line locked at ${body.gradeReadingIn}″`
    case 'print':
      return 'cards printed'
    case 'void':
      return 'undo'
    default:
      return unreachable(body)
  }
}
