/** Only what the PDF face has: primes, roots and super-scripts are written out. */
export const plain = (text: string): string =>
  text
    .replace(/′/g, "'")
    .replace(/″/g, '"')
    .replace(/√/g, 'sqrt ')
    .replace(/⅓/g, '1/3')
    .replace(/⅔/g, '2/3')
    .replace(/−/g, '-')
    .replace(/·/g, ' x ')
    .replace(/⊥/g, ' perp')
    .replace(
      /[θαγφΔπΣ]/g,
      (letter) => ({ θ: 'theta', α: 'alpha', γ: 'gamma', φ: 'phi', Δ: 'delta', π: 'pi', Σ: 'sum ' })[letter] ?? letter,
    )
    .replace(/⁴/g, '^4')
    .replace(/[≤]/g, '<=')
    .replace(/[≥]/g, '>=')
    .replace(/[→]/g, 'to')
    .replace(/…/g, '...')

/** Feet and inches, inches and their fraction, a number and its unit stay on one line. */
export const unbroken = (text: string): string =>
  text
    .replace(/(\d['"]?) (?=\d+(?:"|\/\d+"| \d+\/\d+"))/g, '$1\u00a0')
    .replace(/(\d) (?=(?:lb|psf|mph|ft|yd|in|degrees)\b)/g, '$1\u00a0')

/** A list in pieces of `n`. */
export const chunk = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, i) => list.slice(i * size, i * size + size))

/** Words set in lines of so many letters at most; a longer word has a line of its own. */
export function linesOf(text: string, letters: number): readonly string[] {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const last = lines[lines.length - 1]
    if (last !== undefined && last.length + 1 + word.length <= letters) lines[lines.length - 1] = `${last} ${word}`
    else lines.push(word)
  }
  return lines
}
