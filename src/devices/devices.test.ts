import { simulatedRod } from './rod'
import { simulatedWeather } from './weather'

describe('stand-in rod', () => {
  test('the same seed reads the same; every reading is a whole sixteenth within an eighth of the truth', () => {
    const [rod, b] = [simulatedRod({ seed: 5, heightIn: 52 }), simulatedRod({ seed: 5, heightIn: 52 })]
    for (let i = 0; i < 200; i++) {
      const [p, q] = [rod.read(i / 8), b.read(i / 8)]
      expect(p).toBe(q)
      expect(Number.isInteger(p * 16)).toBe(true)
      expect(Math.abs(p - 52 - i / 8)).toBeLessThanOrEqual(1 / 8)
    }
  })
  test('noise has no side: the mean of many readings is the truth to a hundredth', () => {
    const rod = simulatedRod({ seed: 9, heightIn: 50 })
    expect(
      Math.abs(Array.from({ length: 4000 }, () => rod.read(3)).reduce((sum, value) => sum + value, 0) / 4000 - 53),
    ).toBeLessThan(0.01)
  })
  test.each([[4], [-2.5]])('bumped by %f it reads that much more of everything after', (by) => {
    const rod = simulatedRod({ seed: 2, heightIn: 52, noiseIn: 0 })
    expect(rod.read(1)).toBe(53)
    rod.bump(by)
    expect(rod.read(1)).toBe(53 + by)
  })
  test.each([
    [0, 60],
    [10, 60.9375],
    [30, 69.3125],
  ])('leaning %i degrees a 60 in. reading reads %f: too much, never too little', (deg, want) => {
    expect(simulatedRod({ seed: 2, heightIn: 60, noiseIn: 0, leanDeg: deg }).read(0)).toBe(want)
  })
  test('never less than nothing', () => {
    expect(simulatedRod({ seed: 2, heightIn: 2, noiseIn: 0 }).read(-50)).toBe(0)
  })
})

describe('stand-in weather', () => {
  const from = '2026-05-04T00:00:00Z'
  test('the same seed and hour say the same from wherever one starts', () => {
    const weather = simulatedWeather({ seed: 3, meanF: 58 })
    expect(weather.hours('2026-05-04T06:00:00Z', 10)).toEqual(weather.hours(from, 40).slice(6, 16))
    expect(simulatedWeather({ seed: 4, meanF: 58 }).hours(from, 48)).not.toEqual(weather.hours(from, 48))
  })
  test('a year stays near its mean, is colder at night, light by day, and never rains less than nothing', () => {
    const y = simulatedWeather({ seed: 3, meanF: 50 }).hours(from, 2000)
    const mean = (list: readonly number[]) => list.reduce((sum, value) => sum + value, 0) / list.length
    expect(Math.abs(mean(y.map((hour) => hour.tempF)) - 50)).toBeLessThan(3)
    expect(mean(y.filter((_, i) => i % 24 === 15).map((hour) => hour.tempF))).toBeGreaterThan(
      mean(y.filter((_, i) => i % 24 === 3).map((hour) => hour.tempF)) + 10,
    )
    expect(y.filter((hour) => hour.light).length / y.length).toBeCloseTo(14 / 24, 1)
    expect(Math.min(...y.map((hour) => hour.rainIn))).toBe(0)
    expect(y.some((hour) => hour.rainIn > 0)).toBe(true)
    expect(Math.max(...y.map((hour) => hour.windMph))).toBeLessThan(25)
  })
  test.each([
    [0, 0],
    [-4, 0],
    [5, 5],
    [9000, 2000],
  ])('%i hours asked, %i told', (n, told) => {
    expect(simulatedWeather({ seed: 1, meanF: 50 }).hours(from, n)).toHaveLength(told)
  })
})
