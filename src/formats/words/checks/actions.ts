import type { GravityCase, LateralCase, RoofLoads } from '@/core/frame'
import { gravityOf } from '@/core/frame'
import { line, sig, type TraceLine } from '@/core/result'

/**
 * An action of a case as the sum it is, unit under 1 plf × wind + unit for 1 in. × movement, written so that its
 * magnitude comes out.
 */
export function actionNumbers(lateral: LateralCase, action: 'shearLb' | 'momentFtLb' | 'fixedFtLb'): string {
  const { held, perInch } = lateral.unit
  const sign = lateral[action] < 0 ? -1 : 1
  const [wind, move] = [sign * held[action] * lateral.plf, sign * perInch[action] * lateral.moveIn]
  const term = (each: number, value: number) => `${sig(Math.abs(each))} × ${sig(Math.abs(value))}`
  const moved = move === 0 ? '' : ` ${move < 0 ? '−' : '+'} ${term(perInch[action], lateral.moveIn)}`
  return `${wind < 0 ? '−' : ''}${term(held[action], lateral.plf)}${moved}`
}

/** A gravity combination with its numbers (ASCE 7-16 2.4.1). */
function combinationNumbers(
  combination: GravityCase,
  loads: RoofLoads,
  wallPushLb: number,
): readonly [formula: string, numbers: string] {
  const dead = sig(loads.deadLb)
  switch (combination) {
    case 'D+S':
      return ['D + S', `${dead} + ${sig(loads.snowLb)}`]
    case 'D+Lr':
      return ['D + Lr', `${dead} + ${sig(loads.liveLb)}`]
    case 'D+0.75S+0.45W':
      return [
        `D + 0.75·the more of S and Lr + 0.45·W${wallPushLb > 0 ? ' + 0.75·push of its wall' : ''}`,
        `${dead} + 0.75 × max(${sig(loads.snowLb)}, ${sig(loads.liveLb)}) + 0.45 × ${sig(loads.windDownLb)}` +
          (wallPushLb > 0 ? ` + 0.75 × ${sig(wallPushLb)}` : ''),
      ]
    case 'D+0.6W':
      return [
        `D + 0.6·W${wallPushLb > 0 ? ' + push of its wall' : ''}`,
        `${dead} + 0.6 × ${sig(loads.windDownLb)}${wallPushLb > 0 ? ` + ${sig(wallPushLb)}` : ''}`,
      ]
  }
}

/** The gravity combination that rules, written out, ASCE 7-16 2.4.1; `wallPushLb` as in `gravityOf`. */
export function gravityLine(label: string, loads: RoofLoads, wallPushLb = 0): TraceLine {
  const { gravityLb, gravityCase } = gravityOf(loads, wallPushLb)
  const [formula, numbers] = combinationNumbers(gravityCase, loads, wallPushLb)
  return line({ label, formula, numbers, value: gravityLb, unit: 'lb', clause: 'ASCE 7-16 2.4.1' })
}
