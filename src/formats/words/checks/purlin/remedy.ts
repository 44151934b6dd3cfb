/** What would remedy purlins that give, with or without a skin that holds their top edges. */
export const purlinRemedy = (skinHolds: boolean): string =>
  skinHolds
    ? 'Closer rows, a deeper purlin, a better grade, or blocks at mid-span against uplift.'
    : 'Screwed skin that holds their top edges, or deeper purlins.'
