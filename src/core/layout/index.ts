export { best345, layOutGrid, stringRectangle } from './grid'
export type { Grid } from './grid'
export { cornersOf, isEave, needsJambs, placeOpening, wallLengthIn } from './openings'
export type { PlacedOpening } from './openings'
export { compassOf, wallNames } from './compass'
export { rafterHeightIn } from './laying'
export { placePosts } from './posts'
export { named } from './post'
export type { OmittedPost, Post, PostKind, PostLayout, PostName } from './post'
export { namesOf, placeKey } from './naming'
export {
  allOf,
  bindJob,
  bindPosts,
  effectIssue,
  effectsOn,
  givenUpOf,
  isBound,
  settlePosts,
  standingsOf,
} from './identity'
export type { PostDecision, PostEffect, Standings } from './identity'
export { alongWall, neighborsIn, postRows, rowPlaces, sharesOfLine, tributariesIn, wallPosts } from './walls'
export { endSpaceIn, longestSpaceIn, takesBlock, trussPlan } from './trusses'
export type { EaveBeam, TrussPlan } from './trusses'
export { batterBoards, diagonals, hookedMarks, layOutStrings } from './strings'
export type { Diagonal, StringLine } from './strings'
export { fitSquare, movesToRectangle } from './square'
export type { CornerMove, SquareFit } from './square'
export { girtFaceIn, girtFaceOnIn, girtRows } from './girtRows'
export { fewestRows } from './rowSearch'
export type { Block, GirtRow, WallRows } from './girtRows'
export { girtsOutIn, onWall } from './wallGirts'
export { bracedBays } from './bracedBays'
export { purlinPlaces, slopeLengthIn } from './purlins'
export {
  clearPlace,
  lengthLimits,
  moveLine,
  moveOpening,
  movePost,
  whyHeld,
  openingPlaces,
  snapTo,
  withLength,
} from './moves'
