import { foldBare, measure, tieLevels } from '@/core/field'
import { demo } from '@/core/testing/demos'
import { crewBook } from './crewbook'
import { drawingSet } from './drawings'
import { fieldSheets } from './fieldsheets'
import { type PlacedText, textsOf } from './testing/texts'

/** The width of a letter is only known about: so much of a text may lie over another, points. */
const NEAR_PT = 4
const over = (one: PlacedText, other: PlacedText): boolean =>
  Math.min(one.right, other.right) - Math.max(one.left, other.left) > NEAR_PT &&
  Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) > 1.5

const sheetsOf = (name: 'quillback' | 'tansy' | 'marl') => {
  const { job, d: derived } = demo(name)
  const state = foldBare([])
  const levels = tieLevels(state)
  const stamp = { date: 'today', revision: '1' }
  return [
    ...crewBook(job, derived, { ...stamp, measured: measure(job, derived, state, levels) }).sheets,
    ...drawingSet(job, derived).sheets,
    ...fieldSheets({ job, derived, state, levels, ...stamp, page: 'http://127.0.0.1:3000/field/j1' }).sheets,
  ]
}

describe('what is printed can be read', () => {
  test.each(['quillback', 'tansy', 'marl'] as const)(
    '%s: no text of a drawing lies over another or runs off its side',
    (name) => {
      const drawings = sheetsOf(name).flatMap(({ title, blocks }) =>
        blocks.flatMap((block) => (block.kind === 'svg' ? [{ title, block, texts: textsOf(block.svg) }] : [])),
      )
      expect(drawings.length).toBeGreaterThan(20)
      const clashes = drawings.flatMap(({ title, texts }) =>
        texts.flatMap((one, i) =>
          texts.slice(i + 1).flatMap((other) => (over(one, other) ? [`${title}: ${one.text} | ${other.text}`] : [])),
        ),
      )
      const off = drawings.flatMap(({ title, block, texts }) =>
        texts
          .filter(({ left, right }) => left < -NEAR_PT || right > block.width + NEAR_PT)
          .map(({ text }) => `${title}: ${text}`),
      )
      expect({ clashes, off }).toEqual({ clashes: [], off: [] })
    },
  )
})
