/** A place in a drawing, px, to the tenth: finer is not seen and makes drawings heavy. */
export const toTenth = (px: number): number => Math.round(px * 10) / 10
