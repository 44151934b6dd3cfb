/** Said where a lumber has no tabled values, and what would remedy it. */
export const noValues = (lumber: string): string => `No design values are tabled for ${lumber}.`
export const LUMBER_REMEDY = 'Choose a tabled grade, or enter the values off its stamp.'
