import { daylight } from '@/core/pocket/daylight'
import { radians, upTo } from '@/core/units'
import { number } from '../fields'
import { box, dot, ground, line, measure, type Point, text } from '../scene/shapes'
import { sheet } from '../sheet'

const hoursAndMinutes = (hours: number): string => {
  const minutes = Math.round(hours * 60)
  return `${Math.floor(minutes / 60)}\u00a0h ${minutes % 60}\u00a0min`
}

export default sheet({
  figure: daylight,
  fields: { latitudeDeg: number('latitude', 45, '°'), dayOfYear: number('day of the year', 331) },
  outs: ({ found }) => [
    { label: 'of light', text: hoursAndMinutes(found.hours) },
    { label: 'sun over the equator', text: `${upTo(found.declinationDeg, 1)}°` },
    { label: 'of dark', text: hoursAndMinutes(24 - found.hours) },
  ],
  stands: ({ found: { hours, declinationDeg }, given }) => {
    const noonDeg = Math.max(0, 90 - Math.abs(given.latitudeDeg - declinationDeg))
    const highIn = 60 * Math.sin(radians(noonDeg))
    const halfIn = (hours / 24) * 150
    const arc = Array.from({ length: 25 }, (_step, k): Point => {
      const part = k / 12 - 1
      return [part * halfIn, highIn * (1 - part * part)]
    })
    return [
      ground(-160, 160, 6),
      line('chalk', ...arc),
      dot([0, highIn], 7, 'picked'),
      text([0, highIn], `noon, ${upTo(noonDeg, 0)}° up`, { offPx: [0, -16] }),
      measure([-halfIn, -6], [halfIn, -6], hoursAndMinutes(hours), -12),
    ]
  },
  liesTitle: 'A day of 24 hours by the sun, not by the clock',
  lies: ({ found: { hours } }) => {
    const startH = 12 - hours / 2
    return [
      box('steel', [0, 0], [24, 1.6]),
      box('picked', [startH, 0], [24 - startH, 1.6]),
      ...Array.from({ length: 25 }, (_hour, k) => line('thin', [k, 0], [k, k % 6 === 0 ? 1 : 0.5])),
      text([startH, 1.6], hoursAndMinutes(startH), { strong: true, offPx: [0, -6] }),
      text([24 - startH, 1.6], hoursAndMinutes(24 - startH), { strong: true, offPx: [0, -6] }),
      text([0, 0], 'midnight', { anchor: 'start', offPx: [0, 16] }),
      text([12, 0], 'sun noon', { offPx: [0, 16] }),
      text([24, 0], 'midnight', { anchor: 'end', offPx: [0, 16] }),
    ]
  },
})
