/** The first names of a list of posts, and how many more there are. */
export function someNames(named: readonly { readonly name: string }[], most: number, between = ' '): string {
  const names = named.map(({ name }) => name)
  const rest = names.length - most
  return rest > 0 ? `${names.slice(0, most).join(between)} and ${rest} more` : names.join(between)
}

/** All names of a list that its title could not hold, for a line of their own; none where the title says them all. */
export const restOfNames = (named: readonly { readonly name: string }[], most: number): readonly string[] =>
  named.length > most ? [`For ${named.map(({ name }) => name).join(' ')}`] : []
