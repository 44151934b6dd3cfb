import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'

const FILES = 'node_modules/@fontsource/atkinson-hyperlegible-next/files'
const FACES = ['latin-400-normal', 'latin-700-normal']
const INTO = '.parts/fonts'

/** Unpacks the faces of the papers: read packed, they cost a third of a second of every book. */
export async function unpackPaperFonts() {
  // Loaded here: before the packages are installed there is none.
  const { convert } = (await import('fontverter')).default
  mkdirSync(INTO, { recursive: true })
  for (const face of FACES) {
    const to = `${INTO}/${face}.ttf`
    if (existsSync(to)) continue
    const packed = readFileSync(`${FILES}/atkinson-hyperlegible-next-${face}.woff2`)
    writeFileSync(to, await convert(packed, 'truetype'))
  }
}
