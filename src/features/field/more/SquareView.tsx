'use client'
import { useState } from 'react'
import { squaringOf, STRING_SIDES, type StringSide } from '@/core/field'
import { shortWall, sideWords, squaringSaid } from '@/formats/words'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { EntryPage, Picks } from './EntryPage'

/** First letters of the walls that a side runs along, or that a diagonal runs between. */
function shortSide(side: StringSide, { wallNames }: FieldPage['derived']): string {
  const letter = (wall: keyof typeof wallNames) => shortWall(wallNames, wall).charAt(0)
  const [south, north, west, east] = [letter('south'), letter('north'), letter('west'), letter('east')]
  const short: Readonly<Record<StringSide, string>> = {
    southIn: south,
    northIn: north,
    westIn: west,
    eastIn: east,
    risingIn: `${south}${west}–${north}${east}`,
    fallingIn: `${south}${east}–${north}${west}`,
  }
  return short[side]
}
const MOST_IN = 12_000

/** Sides and diagonals of the strings, and which string to slide how far. */
export function SquareView({ derived }: FieldPage) {
  const squares = useLog((log) => log.state.squares)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [picked, setPicked] = useState<StringSide | null>(null)
  const [last, setLast] = useState<string | null>(null)
  const side = picked ?? STRING_SIDES.find((each) => !squares[each]) ?? 'risingIn'
  const squaring = squaringOf(derived.grid, squares)
  const said = squaringSaid(squaring, derived.wallNames)
  const missing = STRING_SIDES.filter((each) => !squares[each])
  const calm =
    missing.length > 0
      ? `Still to tape: ${missing.map((each) => shortSide(each, derived)).join(', ')}.`
      : 'It is square.'
  const lastSide = STRING_SIDES.find((each) => squares[each]?.id === last)
  return (
    <EntryPage
      picks={
        <Picks
          label="Sides and diagonals"
          all={STRING_SIDES.map((each) => [each, shortSide(each, derived), squares[each] ? '✓' : '○'])}
          picked={side}
          onPick={setPicked}
          manner="tight"
        />
      }
      empty={sideWords(side, derived.wallNames)}
      around={squares[side]?.body.inches ?? squaring.wantedIn[side]}
      most={MOST_IN}
      feet
      told={said.length > 0 ? { look: true, lines: said } : { look: false, lines: [calm] }}
      keys={[
        {
          words: 'Keep',
          keep: (inches) => {
            setLast(add({ kind: 'square', side, inches }).id)
            setPicked(null)
          },
        },
      ]}
      kept={
        lastSide && last ? { words: `${sideWords(lastSide, derived.wallNames)} kept`, undo: () => undo(last) } : null
      }
    />
  )
}
