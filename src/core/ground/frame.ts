/** What one post brings to the ground and to its top, lb and ft-lb at service level. */
export interface PostActions { readonly shearLb: number; readonly momentFtLb: number; readonly topLb: number; readonly fieldMomentFtLb: number }

/**
 * Post held at its top by the roof diaphragm and fixed `fixityFt` below grade, wind `wPlf` from grade to its top at `heightFt`.
 * Closed form of the propped cantilever loaded over its upper part; with no fixity depth 3wH/8, 5wH/8, wH²/8.
 */
export function proppedPost(wPlf: number, heightFt: number, fixityFt = 0): PostActions {
  const h = heightFt
  const l = h + fixityFt
  const top = ((3 * wPlf) / l ** 3) * (h ** 4 / 8 + h * ((l ** 3 - h ** 3) / 3 - (h * (l ** 2 - h ** 2)) / 4))
  return { topLb: top, shearLb: wPlf * h - top, momentFtLb: Math.abs((wPlf * h * h) / 2 - top * h), fieldMomentFtLb: (top * top) / (2 * wPlf || 1) }
}

/** Post on a bracket that turns freely, held at its top: a simple span from bracket to heel. The moment at grade is the shear times the bracket's height. */
export function pinnedPost(wPlf: number, heightFt: number, bracketFt: number): PostActions {
  const clear = heightFt - bracketFt
  const half = (wPlf * clear) / 2
  return { topLb: half, shearLb: half, momentFtLb: half * bracketFt, fieldMomentFtLb: (wPlf * clear * clear) / 8 }
}

/**
 * Posts of one frame that stand without a diaphragm and share the sway by stiffness. `windwardPlf` pushes in, `leewardPlf` pulls out,
 * `roofLb` is the horizontal force of the roof. Returns the windward post, the harder loaded.
 */
export function swayPost(p: { readonly windwardPlf: number; readonly leewardPlf: number; readonly roofLb: number; readonly heightFt: number; readonly e: number; readonly iIn4: number }): PostActions & { readonly swayIn: number } {
  const h = p.heightFt
  const k = (3 * p.e * p.iIn4) / (h * 12) ** 3
  const r = (3 / 8) * h * (p.windwardPlf + p.leewardPlf) + p.roofLb
  const swayIn = r / (2 * k)
  const share = k * swayIn
  return { shearLb: (5 * p.windwardPlf * h) / 8 + share, momentFtLb: (p.windwardPlf * h * h) / 8 + share * h, topLb: share, fieldMomentFtLb: (9 * p.windwardPlf * h * h) / 128, swayIn }
}
