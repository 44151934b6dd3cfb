import { textWide } from '../crewbook/svg'

/** A text of a drawing and the room it takes, points. */
export interface PlacedText {
  readonly text: string
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

const PARTS = /<g[^>]*>|<\/g>|<text x="([-\d.]+)" y="([-\d.]+)" font-size="([\d.]+)"([^>]*)>(.*?)<\/text>/g
/** How much of a letter's size stands over its line. */
const OVER_LINE = 0.68
const BEFORE: Readonly<Record<string, number>> = { start: 0, middle: 0.5, end: 1 }

/** Every level text of a drawing, where it stands; groups are moved, as the drawings write them. */
export function textsOf(svg: string): readonly PlacedText[] {
  const moves: (readonly [number, number])[] = [[0, 0]]
  const out: PlacedText[] = []
  for (const [part, x, y, fontSize, rest, letters] of svg.matchAll(PARTS)) {
    const [right, down] = moves[moves.length - 1]
    if (part === '</g>') moves.pop()
    else if (part.startsWith('<g')) {
      const [, byX = '0', byY = '0'] = /translate\(([-\d.]+) ([-\d.]+)\)/.exec(part) ?? []
      moves.push([right + Number(byX), down + Number(byY)])
    } else if (!rest.includes('rotate')) {
      const text = letters.replace(/<[^>]*>/g, '').replace(/&#?\w+;/g, '’')
      const size = Number(fontSize)
      const wide = textWide(text, size)
      const left = right + Number(x) - wide * BEFORE[/text-anchor="(\w+)"/.exec(rest)?.[1] ?? 'start']
      const bottom = down + Number(y)
      out.push({ text, left, right: left + wide, top: bottom - size * OVER_LINE, bottom })
    }
  }
  return out
}
