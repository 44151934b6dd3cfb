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

/** A list in pieces of `n`. */
export const chunk = <T>(list: readonly T[], size: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / size) }, (_, i) => list.slice(i * size, i * size + size))
