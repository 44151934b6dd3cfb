import { DxfWriter, point2d, point3d, Units } from '@tarikjabiri/dxf'
import type { ShownDerived as Derived } from '../shown'
import { isEave } from '@/core/layout'
import type { Job, Side } from '@/core/model'
import { formatLength } from '@/core/units'

/** Layers of the drawing and their color numbers. */
const LAYERS = { STRINGS: 5, POSTS: 7, HOLES: 8, OPENINGS: 3, DIAGONALS: 9, NAMES: 7, NOTES: 7 } as const
type Layer = keyof typeof LAYERS

type Plan = Pick<Derived, 'grid' | 'strings' | 'posts' | 'holes' | 'placed' | 'diagonals' | 'batterBoards'>
interface At {
  readonly x: number
  readonly y: number
}

const MM_PER_IN = 25.4
/** Half a batter board, inches. */
const HALF_BOARD_IN = 14
/** Longest text that is written. */
const MOST_LETTERS = 120

/** A name typed by a person is one line of plain text in the file, whatever it holds. */
const plainText = (words: string): string =>
  words
    .replace(/[\r\n\t]+/g, ' ')
    .replace(/[^\x20-\x7e]/g, '?')
    .slice(0, MOST_LETTERS)

/** A sheet that is drawn on in inches and written in its own units. */
class Sheet {
  readonly #dxf = new DxfWriter()
  readonly #scale: number

  constructor(units: 'in' | 'mm') {
    this.#scale = units === 'mm' ? MM_PER_IN : 1
    this.#dxf.setUnits(units === 'mm' ? Units.Millimeters : Units.Inches)
    for (const [name, color] of Object.entries(LAYERS)) this.#dxf.addLayer(name, color)
  }

  #point({ x, y }: At) {
    return point3d(x * this.#scale, y * this.#scale, 0)
  }

  line(layerName: Layer, from: At, to: At): void {
    this.#dxf.addLine(this.#point(from), this.#point(to), { layerName })
  }

  circle(layerName: Layer, at: At, radiusIn: number): void {
    this.#dxf.addCircle(this.#point(at), radiusIn * this.#scale, { layerName })
  }

  /** A rectangle about its middle. */
  box(layerName: Layer, at: At, wide: number, deep: number): void {
    const corners = [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ].map(([x, y]) => ({
      point: point2d((at.x + (x * wide) / 2) * this.#scale, (at.y + (y * deep) / 2) * this.#scale),
    }))
    this.#dxf.addLWPolyline(corners, { layerName, flags: 1 })
  }

  text(layerName: Layer, at: At, heightIn: number, words: string): void {
    this.#dxf.addText(this.#point(at), heightIn * this.#scale, plainText(words), { layerName })
  }

  written(): string {
    return this.#dxf.stringify()
  }
}

/** Strings run past the corners, with their names and the batter boards they hang on. */
function drawStrings(sheet: Sheet, plan: Plan, pastIn: number): void {
  for (const { from, to, side, label } of plan.strings) {
    const past = isEave(side) ? { x: pastIn, y: 0 } : { x: 0, y: pastIn }
    const name = isEave(side) ? { x: pastIn + 12, y: 0 } : { x: 0, y: pastIn + 12 }
    sheet.line('STRINGS', { x: from.x - past.x, y: from.y - past.y }, { x: to.x + past.x, y: to.y + past.y })
    sheet.text('NAMES', { x: from.x - name.x, y: from.y - name.y }, 8, label)
  }
  for (const { at, across } of plan.batterBoards) {
    const half = across === 'y' ? { x: 0, y: HALF_BOARD_IN } : { x: HALF_BOARD_IN, y: 0 }
    sheet.line('STRINGS', { x: at.x - half.x, y: at.y - half.y }, { x: at.x + half.x, y: at.y + half.y })
  }
}

/** Posts with their holes and names. */
function drawPosts(sheet: Sheet, plan: Plan): void {
  for (const post of plan.posts) {
    sheet.box('POSTS', post, post.sizeX, post.sizeY)
    const hole = plan.holes.find((hole) => hole.postIds.includes(post.id))
    if (hole) sheet.circle('HOLES', post, hole.diameterIn / 2)
    sheet.text('NAMES', { x: post.x + 6, y: post.y + 6 }, 5, post.name)
  }
}

/** Openings as lines on their wall. */
function drawOpenings(sheet: Sheet, { grid, placed }: Plan): void {
  const wallAt: Readonly<Record<Side, number>> = { south: 0, west: 0, north: grid.widthIn, east: grid.lengthIn }
  for (const { opening, fromIn, toIn } of placed) {
    const at = wallAt[opening.side]
    if (isEave(opening.side)) sheet.line('OPENINGS', { x: fromIn, y: at }, { x: toIn, y: at })
    else sheet.line('OPENINGS', { x: at, y: fromIn }, { x: at, y: toIn })
  }
}

/** Diagonals with their lengths. */
function drawDiagonals(sheet: Sheet, { diagonals }: Plan): void {
  for (const { from, to, name, lengthIn } of diagonals) {
    const middle = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 }
    sheet.line('DIAGONALS', from, to)
    sheet.text('NOTES', middle, 5, `${name} ${formatLength(lengthIn, { ascii: true })}`)
  }
}

/**
 * Strings and holes in plan as DXF (the text form of 2007), in inches or millimeters, zero at the south-west corner of
 * the strings, x to the east.
 * Kept: strings run past the corners, batter boards, post outlines, hole circles, openings, diagonals with lengths,
 * names. Lost: heights, the roof.
 */
export function planDxf(job: Job, plan: Plan, units: 'in' | 'mm'): string {
  const sheet = new Sheet(units)
  const pastIn = job.strings.runPastIn
  drawStrings(sheet, plan, pastIn)
  drawPosts(sheet, plan)
  drawOpenings(sheet, plan)
  drawDiagonals(sheet, plan)
  const note =
    `${job.name}: strings and holes, units ${units === 'mm' ? 'millimeters' : 'inches'}, zero at the south-west ` +
    'corner of the strings. For planning only.'
  sheet.text('NOTES', { x: 0, y: -pastIn - 40 }, 7, note)
  return sheet.written()
}
