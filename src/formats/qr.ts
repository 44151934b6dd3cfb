import { create } from 'qrcode'

/**
 * Dark runs of a code, in whole modules, as strokes through their middles: the same for as long as the address is, so each
 * is worked out once.
 */
const codes = new Map<string, { readonly modules: number; readonly path: string }>()
const MOST_CODES = 2000

/** A code of a text: how many modules it is wide, and its dark runs as one path. */
export function qrCode(text: string): { readonly modules: number; readonly path: string } {
  const has = codes.get(text)
  if (has) return has
  const { modules } = create(text, { errorCorrectionLevel: 'M' })
  let path = ''
  for (let row = 0; row < modules.size; row++)
    for (let column = 0; column < modules.size; column++) {
      if (!modules.get(row, column)) continue
      const from = column
      while (column + 1 < modules.size && modules.get(row, column + 1)) column++
      path += `M${from} ${row}h${column + 1 - from}`
    }
  const made = { modules: modules.size, path }
  if (codes.size >= MOST_CODES) codes.clear()
  codes.set(text, made)
  return made
}
