import 'server-only'
import { existsSync } from 'node:fs'
import path from 'node:path'
import pdfmake from 'pdfmake'
import { ok, type Result } from '@/core/result'
import type { PaperFace } from '@/formats/crewbook'

/** Faces as the packages bring them, and unpacked beside the build, which is read faster. */
const PACKED = path.join(process.cwd(), 'node_modules/@fontsource/atkinson-hyperlegible-next/files')
const UNPACKED = path.join(process.cwd(), '.parts/fonts')
const face = (weight: number) => {
  const unpacked = path.join(UNPACKED, `latin-${weight}-normal.ttf`)
  return existsSync(unpacked) ? unpacked : path.join(PACKED, `atkinson-hyperlegible-next-latin-${weight}-normal.woff`)
}
/** Letters that the shipped face has not, by the parts in which their face comes. */
const OTHERS = path.join(process.cwd(), 'node_modules/@fontsource/noto-sans/files')
const OTHER_PARTS: Readonly<Record<Exclude<PaperFace, 'Atkinson'>, string>> = {
  Latin: 'latin-ext',
  Vietnamese: 'vietnamese',
  Greek: 'greek',
  GreekExt: 'greek-ext',
  Cyrillic: 'cyrillic',
  CyrillicExt: 'cyrillic-ext',
}
const both = (of: (weight: number) => string) => ({
  normal: of(400),
  bold: of(700),
  italics: of(400),
  bolditalics: of(700),
})
pdfmake.addFonts({
  Atkinson: both(face),
  ...Object.fromEntries(
    Object.entries(OTHER_PARTS).map(([name, part]) => [
      name,
      both((weight) => path.join(OTHERS, `noto-sans-${part}-${weight}-normal.woff`)),
    ]),
  ),
})
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy((file) => [PACKED, UNPACKED, OTHERS].some((folder) => file.startsWith(folder)))

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
