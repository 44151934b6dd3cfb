/** How carriers and headers are called, in a title and as the subject of a joint, and what would remedy one that gives. */
export const BEAM: Readonly<
  Record<string, { readonly title: string; readonly name: string; readonly remedy: string }>
> = {
  carrier: {
    title: 'Truss carriers',
    name: 'Carriers',
    remedy: 'Deeper boards, more plies, a better grade, or posts closer together.',
  },
  header: {
    title: 'Headers over left-out posts',
    name: 'Headers',
    remedy: 'A deeper header, more plies, or a narrower door.',
  },
}
