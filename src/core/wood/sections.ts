import type { GirtSize, PostSection } from '../model'

/** Dressed dry width of a nominal board, inches (PS 20; NDS Supplement Table 1A). */
export const DRESSED_IN: Readonly<Record<'4' | '6' | '8' | '10' | '12', number>> = { 4: 3.5, 6: 5.5, 8: 7.25, 10: 9.25, 12: 11.25 }
/** Dressed thickness of a 2x board, inches. */
export const PLY_IN = 1.5

export interface PostSize { readonly plies: number; readonly widthIn: number; readonly depthIn: number; readonly areaIn2: number; readonly sIn3: number; readonly iIn4: number; readonly solid: boolean; readonly nominal: string; readonly label: string }

/** Size of a post: width across the plies (along the wall), depth of a ply (square to the wall), and its strong-axis section, NDS Supplement Table 1B. */
export function postSize(section: PostSection): PostSize {
  const solid = section === '6x6'
  const plies = solid ? 1 : Number(section[0])
  const nominal = solid ? '6' : section.slice(4)
  const depthIn = DRESSED_IN[nominal as '6']
  const widthIn = solid ? 5.5 : PLY_IN * plies
  return { plies, widthIn, depthIn, areaIn2: widthIn * depthIn, sIn3: (widthIn * depthIn ** 2) / 6, iIn4: (widthIn * depthIn ** 3) / 12, solid, nominal, label: solid ? 'solid 6×6' : `${plies}-ply 2×${nominal}` }
}

export interface BoardSize { readonly bIn: number; readonly dIn: number; readonly sFlatIn3: number; readonly iFlatIn4: number; readonly sEdgeIn3: number; readonly iEdgeIn4: number; readonly areaIn2: number; readonly nominal: number }

/** Size of a 2x board: `bIn` thickness 1.5, `dIn` wide face; section properties flat (weak) and on edge. */
export function boardSize(size: GirtSize): BoardSize {
  const nominal = size.slice(2) as '4'
  const b = PLY_IN
  const d = DRESSED_IN[nominal]
  return { bIn: b, dIn: d, areaIn2: b * d, sFlatIn3: (d * b * b) / 6, iFlatIn4: (d * b ** 3) / 12, sEdgeIn3: (b * d * d) / 6, iEdgeIn4: (b * d ** 3) / 12, nominal: Number(nominal) }
}
