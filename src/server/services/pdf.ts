import 'server-only'
import path from 'node:path'
import pdfmake from 'pdfmake'
import { ok, type Result } from '@/core/result'

const FACES = path.join(process.cwd(), 'node_modules/@fontsource/atkinson-hyperlegible-next/files')
const face = (weight: number, style = 'normal') =>
  path.join(FACES, `atkinson-hyperlegible-next-latin-${weight}-${style}.woff`)
pdfmake.addFonts({ Atkinson: { normal: face(400), bold: face(700), italics: face(400), bolditalics: face(700) } })
pdfmake.setUrlAccessPolicy(() => false)
pdfmake.setLocalAccessPolicy((file) => file.startsWith(FACES))

/** Any document as a PDF in the shipped font. */
export const pdfOf = async (definition: Parameters<typeof pdfmake.createPdf>[0]): Promise<Result<Uint8Array>> =>
  ok(new Uint8Array(await pdfmake.createPdf(definition).getBuffer()))
