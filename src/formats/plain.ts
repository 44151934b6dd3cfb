/** Only what the PDF face has: primes, roots and super-scripts are written out. */
export const plain = (s: string): string =>
  s
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
      (c) => ({ θ: 'theta', α: 'alpha', γ: 'gamma', φ: 'phi', Δ: 'delta', π: 'pi', Σ: 'sum ' })[c] ?? c,
    )
    .replace(/⁴/g, '^4')
    .replace(/[≤]/g, '<=')
    .replace(/[≥]/g, '>=')
    .replace(/[→]/g, 'to')

/** A list in pieces of `n`. */
export const chunk = <T>(list: readonly T[], n: number): T[][] =>
  Array.from({ length: Math.ceil(list.length / n) }, (_, i) => list.slice(i * n, i * n + n))
