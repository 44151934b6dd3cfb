import 'server-only'
import path from 'node:path'
import pdfmake from 'pdfmake'
import { deriveJob, type Derived } from '@/core/derive'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import { calcSheet } from '@/formats/calcsheet'
import { crewBook, pdfDefinition, type CrewBook } from '@/formats/crewbook'

const face = (weight: number, style = 'normal') => path.join(process.cwd(), 'node_modules/@fontsource/atkinson-hyperlegible-next/files', `atkinson-hyperlegible-next-latin-${weight}-${style}.woff`)
pdfmake.addFonts({ Atkinson: { normal: face(400), bold: face(700), italics: face(400), bolditalics: face(700) } })
pdfmake.setUrlAccessPolicy(() => false)

/** Called before a book is made, so that the fonts are known whichever book comes first. */
export const fontsReady = (): void => undefined

const BOOKS = { 'crew-book': crewBook, 'calc-sheet': calcSheet } as const
export type BookKind = keyof typeof BOOKS

/** A book of a job as a PDF. Needs no database: the job comes with the request, saved or not. */
export async function bookPdf(kind: BookKind, job: Job, p: { readonly date: string; readonly revision: string }): Promise<Result<Uint8Array>> {
  const d = deriveJob(job)
  if (!d.ok) return d
  const write: (j: Job, x: Derived, q: typeof p) => CrewBook = BOOKS[kind]
  const buffer = await pdfmake.createPdf(pdfDefinition(write(job, d.value, p))).getBuffer()
  return { ok: true, value: new Uint8Array(buffer) }
}
