/** States of a post on site, in the order they come. */
export const POST_STATES = ['planned', 'hole dug', 'footing ready', 'cut', 'set', 'braced', 'inspected'] as const
export type PostState = (typeof POST_STATES)[number]
/** States of any other piece of the building, in the order they come. */
export const PIECE_STATES = ['planned', 'cut', 'set', 'fixed', 'checked'] as const
export type PieceState = (typeof PIECE_STATES)[number]
export const FOUND = ['nothing', 'rock', 'root', 'water', 'soft', 'frost', 'clay'] as const
export type Found = (typeof FOUND)[number]
/** Longest rod that is read, inches. */
export const ROD_MOST_IN = 300
