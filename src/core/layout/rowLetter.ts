/** The name of a row by its place from the first: A to Z, then AA, AB … */
export const rowLetter = (i: number): string =>
  i < 26 ? String.fromCharCode(65 + i) : `${rowLetter(Math.floor(i / 26) - 1)}${rowLetter(i % 26)}`
