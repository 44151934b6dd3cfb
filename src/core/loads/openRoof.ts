import type { Edition } from '../model'
import { firstOf, line, sig, type TraceLine } from '../result'
import { editionData, type OpenRow } from './editions'

/** Largest net pressures on an open roof, psf at strength level: down positive, up negative, normal to the roof. */
export interface OpenRoofPressures {
  readonly downPsf: number
  readonly upPsf: number
  readonly cnDown: number
  readonly cnUp: number
  readonly trace: readonly TraceLine[]
}

/** Angles nearer than this are one, degrees. */
const SAME_DEG = 1e-6

/**
 * Worst coefficients of the figure's rows on both sides of the slope: both cases, both flow states, both directions
 * (register C14).
 */
function worst(rows: readonly OpenRow[], thetaDeg: number): { readonly down: number; readonly up: number } {
  const below = [...rows].reverse().find((row) => row.thetaDeg <= thetaDeg) ?? firstOf(rows)
  // A roof steeper than the table holds is refused where it is laid out; here its last row would hide that.
  const above = rows.find((row) => row.thetaDeg >= thetaDeg - SAME_DEG)
  if (!above) throw new RangeError(`no coefficients for an open roof of ${thetaDeg} degrees`)
  const all = [below, above].flatMap((row) => [...row.clear, ...row.obstructed]).flat()
  return { down: Math.max(...all, 0), up: Math.min(...all, 0) }
}

/**
 * Net wind on an open pitched or monoslope roof, p = qh·G·CN, ASCE 7-16 Figs. 27.3-4, 27.3-5 and 27.3-7: the envelope
 * of both flow
 * states, both load cases and every direction. Valid to 45 degrees (30 for a single slope) and 0.25 ≤ h/L ≤ 1; throws
 * `RangeError` past that.
 */
export function openRoofPressures(
  edition: Edition,
  shape: 'pitched' | 'mono',
  thetaDeg: number,
  qhPsf: number,
): OpenRoofPressures {
  const data = editionData(edition)
  const coefficients = worst(shape === 'pitched' ? data.openPitched : data.openMono, thetaDeg)
  const up = Math.min(coefficients.up, data.openAlong.within[0])
  const down = Math.max(coefficients.down, data.openAlong.within[1])
  const gq = qhPsf * data.gust
  return {
    downPsf: gq * down,
    upPsf: gq * up,
    cnDown: down,
    cnUp: up,
    trace: [
      line({
        label: 'Wind up on the open roof',
        formula: 'qh·G·CN',
        numbers: `${sig(qhPsf)} × ${data.gust} × ${up}`,
        value: gq * up,
        unit: 'psf',
        clause: 'ASCE 7-16 Figs. 27.3-4, 27.3-5, 27.3-7',
        verify: 'C14',
      }),
      line({
        label: 'Wind down on the open roof',
        formula: 'qh·G·CN',
        numbers: `${sig(qhPsf)} × ${data.gust} × ${down}`,
        value: gq * down,
        unit: 'psf',
        clause: 'ASCE 7-16 Figs. 27.3-4, 27.3-5, 27.3-7',
        verify: 'C14',
      }),
    ],
  }
}
