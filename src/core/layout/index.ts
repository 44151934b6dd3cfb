export { best345, equalSpaces, layOutGrid, stringRectangle } from './grid'
export type { Grid } from './grid'
export {
  checkOpenings,
  cornersOf,
  cornerTakesIn,
  isEave,
  needsJambs,
  placeOpening,
  positionFor,
  wallLengthIn,
} from './openings'
export type { PlacedOpening } from './openings'
export { JAMB_REACH_IN, LEAST_LEAN_TO_IN, leanToHeightIn, placePosts, rafterHeightIn } from './posts'
export type { OmittedPost, Post, PostKind, PostLayout } from './post'
export { alongWall, neighboursIn, postRows, rowPlaces, tributariesIn, wallPosts } from './walls'
export { trussPlan } from './trusses'
export type { EaveBeam, Truss, TrussPlan, TrussRest } from './trusses'
export { batterBoards, diagonals, hookedMarks, layOutStrings } from './strings'
export type { Diagonal, HookedMark, MarkKind, StringLine, StringMark } from './strings'
export { fitSquare } from './square'
export type { CornerMove, CornerName, Corners, SquareFit } from './square'
export { girtFaceIn, girtRows } from './girtRows'
export type { Block, GirtRow, Landing, WallRows } from './girtRows'
export { onWall } from './wallGirts'
export { PURLIN_EAVE_IN, PURLIN_RIDGE_IN, purlinPlaces, slopeLengthIn } from './purlins'
export { girtPieces, LONGEST_GIRT_IN } from './girtPieces'
export type { GirtPiece } from './girtPieces'
export { clearPlace, moveLine, moveOpening, movePost, openingPlaces, snapTo, withLength } from './moves'
export type { Snap } from './moves'
