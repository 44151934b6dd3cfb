/** States of a post on site, in the order they come. */
export const POST_STATES = ['planned', 'hole dug', 'footing ready', 'cut', 'set', 'braced', 'inspected'] as const
export type PostState = (typeof POST_STATES)[number]
/** States of any other piece of the building, in the order they come. */
export const PIECE_STATES = ['planned', 'cut', 'set', 'fixed', 'checked'] as const
export type PieceState = (typeof PIECE_STATES)[number]
export const FOUND = ['nothing', 'rock', 'root', 'water', 'soft', 'frost', 'clay'] as const
export type Found = (typeof FOUND)[number]
/** Letters that a record has for who has made it. */
export const WHO_MOST_LETTERS = 60
/** Longest rod that is read, inches. */
export const ROD_MOST_IN = 300
/** What is looked at by an inspector, in the order that it comes to be covered up. */
export const INSPECTIONS = ['footing', 'set', 'braced', 'covered'] as const
export type Inspection = (typeof INSPECTIONS)[number]
/** Sides and diagonals of the strings, as their tape readings are called. */
export const STRING_SIDES = ['southIn', 'northIn', 'westIn', 'eastIn', 'risingIn', 'fallingIn'] as const
export type StringSide = (typeof STRING_SIDES)[number]
/** What of a delivery is measured. */
export const DELIVERED = ['truss heel', 'truss span', 'board width', 'board thickness'] as const
export type Delivered = (typeof DELIVERED)[number]
/** Most that a picture of a note may weigh, bytes. */
export const PHOTO_MOST_BYTES = 400_000
