import 'server-only'
import { existsSync } from 'node:fs'
import path from 'node:path'
import pdfmake from 'pdfmake'
import { ok, type Result } from '@/core/result'

/** Faces as the packages bring them, and unpacked beside the build, which is read faster. */
const PACKED = path.join(process.cwd(), 'node_modules/@fontsource/atkinson-hyperlegible-next/files')
const UNPACKED = path.join(process.cwd(), '.parts/fonts')
const face = (weight: number) => {
  const unpacked = path.join(UNPACKED, `latin-${weight}-normal.ttf`)
  return existsSync(unpacked) ? unpacked : path.join(PACKED, `atkinson-hyperlegible-next-latin-${weight}-normal.woff`)
}
pdfmake.addFonts({ Atkinson: { normal: face(400), bold: face(700), italics: face(400), bolditalics: face(700) } })
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy((file) => file.startsWith(PACKED) || file.startsWith(UNPACKED))

/** How much of the drawing is done, 0 to 1. */
export type Drawn = (share: number) => void

/** Any document as a PDF in the shipped font. */
export async function pdfOf(
  definition: Parameters<typeof pdfmake.createPdf>[0],
  drawn: Drawn = () => undefined,
): Promise<Result<Uint8Array>> {
  pdfmake.setProgressCallback(drawn)
  return ok(new Uint8Array(await pdfmake.createPdf(definition).getBuffer()))
}
