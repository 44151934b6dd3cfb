import fc from 'fast-check'
import { record, said } from '../testing/records'
import { guessedF, hoursOfDays, squaringOf, type StringSide } from '.'

const measured = (sides: Partial<Record<StringSide, number>>) =>
  said(
    Object.entries(sides).map(([side, inches], i) => record(i, { kind: 'square', side: side as StringSide, inches })),
  ).state.squares

describe('strings by their tape', () => {
  test('hand-worked: 40 by 64 ft, diagonals 906 1/2 and 905: slide a 768 in. side by 0.884', () => {
    const grid = { lengthIn: 768, widthIn: 480 }
    const { slide, wantedIn } = squaringOf(grid, measured({ risingIn: 906.5, fallingIn: 905 }))
    expect(wantedIn.risingIn).toBeCloseTo(905.66, 1)
    expect(slide?.byIn).toBeCloseTo(0.8844, 3)
    expect(slide?.to).toBe('west')
  })
  test('the slide that is said brings the diagonals together (property)', () => {
    const grid = { lengthIn: 600, widthIn: 360 }
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), (slid) => {
        // The north string has slid to the east by so much: what the tape would read.
        const rising = Math.hypot(600 + slid, 360)
        const falling = Math.hypot(600 - slid, 360)
        const { slide } = squaringOf(grid, measured({ risingIn: rising, fallingIn: falling }))
        const back = (slide?.to === 'west' ? -1 : 1) * (slide?.byIn ?? 0)
        expect(slid + back).toBeCloseTo(0, 2)
      }),
    )
  })
  test('sides are said before a slide, and only beyond what a tape can tell', () => {
    const grid = { lengthIn: 600, widthIn: 360 }
    expect(squaringOf(grid, measured({ southIn: 600.5, northIn: 600.0625, westIn: 359 })).sides).toEqual([
      { side: 'southIn', byIn: 0.5 },
      { side: 'westIn', byIn: -1 },
    ])
    expect(squaringOf(grid, measured({ risingIn: 700 })).slide).toBeNull()
  })
})

describe('temperatures that were entered', () => {
  const temps = (...days: [day: string, lowF: number, highF: number][]) =>
    said(days.map(([day, lowF, highF], i) => record(i, { kind: 'temps', day, lowF, highF }))).state.temps
  test('a day lies between its two, warmest at three, and its mean is theirs', () => {
    const hours = hoursOfDays(temps(['2026-05-04', 40, 60]), '-05:00')
    expect(hours).toHaveLength(24)
    const tempsF = hours.map(({ tempF }) => tempF)
    expect([Math.min(...tempsF), Math.max(...tempsF)]).toEqual([40, 60])
    expect(hours[15]).toMatchObject({ at: '2026-05-04T15:00:00-05:00', tempF: 60 })
    expect(tempsF.reduce((sum, value) => sum + value, 0) / 24).toBeCloseTo(50, 9)
  })
  test('the newest entry of a day counts', () =>
    expect(hoursOfDays(temps(['2026-05-04', 40, 60], ['2026-05-04', 20, 30]), '+00:00')[15].tempF).toBe(30))
  test.each([
    [[], 39],
    [[['2026-05-04', 50, 60]], 39],
    [[['2026-05-04', 25, 60]], 25],
  ] as [Parameters<typeof temps>[number][], number][])('a day without one counts as cold: %j, %d', (days, f) =>
    expect(guessedF(temps(...days))).toBe(f),
  )
})
