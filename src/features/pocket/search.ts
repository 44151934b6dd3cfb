import type { FigureName } from '@/core/pocket'
import { FIGURE_GROUPS, FIGURE_WORDS } from '@/formats/words/pocket/catalog'

const NAMES = Object.keys(FIGURE_WORDS) as readonly FigureName[]

/** Figures by their groups, in the order of the list. */
export const GROUPS = FIGURE_GROUPS.map((title) => ({
  title,
  names: NAMES.filter((name) => FIGURE_WORDS[name].group === title),
}))
export const FIGURE_COUNT = NAMES.length

const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
    .split(' ')
    .filter((word) => word !== '')

/** Everything that a figure may be called. */
const saidOf = (name: FigureName): readonly string[] => {
  const { title, says, sayings } = FIGURE_WORDS[name]
  return [title, says, ...sayings]
}

/** Whether every word that is sought begins a word of the text. */
const has = (text: string, sought: readonly string[]): boolean => {
  const words = wordsOf(text)
  return sought.every((each) => words.some((word) => word.startsWith(each)))
}

export interface Found {
  /** Null where nothing is sought. */
  readonly names: ReadonlySet<FigureName> | null
  /** What else is said of the figures that are found. */
  readonly alsoSaid: readonly string[]
}

/** Words that most figures are said with are not worth saying. */
const MOST_SAID = 3

/** Figures that are found by what people say: one saying must have all the words. */
export function found(query: string): Found {
  const sought = wordsOf(query)
  if (sought.length === 0) return { names: null, alsoSaid: [] }
  const names = NAMES.filter((name) => saidOf(name).some((text) => has(text, sought)))
  const others = names.flatMap((name) => FIGURE_WORDS[name].sayings).filter((saying) => !has(saying, sought))
  const counts = new Map<string, number>()
  for (const saying of others) counts.set(saying, (counts.get(saying) ?? 0) + 1)
  const alsoSaid = [...counts].sort(([, one], [, other]) => other - one).map(([saying]) => saying)
  return { names: new Set(names), alsoSaid: alsoSaid.slice(0, MOST_SAID) }
}
