/** Faces of the papers: the shipped one, and those of letters that it has not. */
export type PaperFace = 'Atkinson' | 'Latin' | 'Vietnamese' | 'Greek' | 'GreekExt' | 'Cyrillic' | 'CyrillicExt'

/** Code points that a face other than the shipped one has. */
const RANGES: readonly (readonly [from: number, to: number, face: PaperFace])[] = [
  [0x100, 0x130, 'Latin'],
  [0x132, 0x151, 'Latin'],
  [0x154, 0x2ba, 'Latin'],
  [0x370, 0x3ff, 'Greek'],
  [0x400, 0x45f, 'Cyrillic'],
  [0x460, 0x48f, 'CyrillicExt'],
  [0x490, 0x491, 'Cyrillic'],
  [0x492, 0x4af, 'CyrillicExt'],
  [0x4b0, 0x4b1, 'Cyrillic'],
  [0x4b2, 0x52f, 'CyrillicExt'],
  [0x1e00, 0x1e9f, 'Latin'],
  [0x1ea0, 0x1ef9, 'Vietnamese'],
  [0x1efa, 0x1eff, 'Latin'],
  [0x1f00, 0x1fff, 'GreekExt'],
  [0x20ab, 0x20ab, 'Vietnamese'],
  [0x2116, 0x2116, 'Cyrillic'],
]

const faceOf = (letter: string): PaperFace => {
  const code = letter.codePointAt(0) ?? 0
  return RANGES.find(([from, to]) => code >= from && code <= to)?.[2] ?? 'Atkinson'
}

/** Letters of one face, one after the other. */
export interface Run {
  readonly text: string
  readonly face: PaperFace
}

/** A text in runs of one face each: what people type may be written in other letters than those of the shipped face. */
export function runsOf(text: string): readonly Run[] {
  // Most texts have none.
  if (!/[\u0100-\u1fff\u20ab\u2116]/.test(text)) return [{ text, face: 'Atkinson' }]
  const runs: { text: string; face: PaperFace }[] = []
  for (const letter of text.normalize('NFC')) {
    const last = runs[runs.length - 1]
    const face = letter === ' ' && last ? last.face : faceOf(letter)
    if (last?.face === face) last.text += letter
    else runs.push({ text: letter, face })
  }
  return runs
}
