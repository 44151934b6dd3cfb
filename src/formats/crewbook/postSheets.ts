import type { PostCard, ScheduleRowAsRead } from '@/core/derive'
import type { RodLog } from '@/core/marks'
import type { Job } from '@/core/model'
import { chunk, plain } from '../plain'
import type { ShownDerived as Derived } from '../shown'
import { KIND, RAISE_CAUTION, restOfNames, someNames } from '../words'
import { kindName } from '../words/checks'
import { inches, mark, ROWS, table } from './paper'
import { postSvg } from './postSvg'
import type { Block, Sheet } from './types'

/** The schedule of the posts, each from its own foot where that was read. */
export function scheduleSheets(derived: Derived, asRead: readonly ScheduleRowAsRead[]): Sheet[] {
  const rows = asRead.map((row) => [
    row.name,
    KIND[row.kind],
    `${mark(row.xIn)} , ${mark(row.yIn)}`,
    mark(row.heightIn),
    mark(row.embedIn),
    inches(row.holeDiameterIn),
    mark(row.holeIn),
    mark(row.totalIn),
    row.stockIn === null ? 'special' : mark(row.stockIn),
    row.footRead ? 'read' : 'planned',
  ])
  return chunk(rows, ROWS - 4).map((part): Sheet => ({
    title: 'Post schedule',
    sub: `${derived.schedule[0]?.section ?? ''}; place from strings 1 and A to the center`,
    blocks: [
      table(
        ['post', 'kind', 'place', 'height', 'in ground', 'hole', 'deep', 'length', 'stock', 'foot'],
        part,
        [2, 3, 4, 5, 6, 7, 8],
        [0],
      ),
      { kind: 'caution', text: plain(RAISE_CAUTION) },
    ],
  }))
}

/** Names that the title of a card has room for. */
const TITLE_NAMES = 14
/** Rows of rod marks that a card has room for under its drawing; more have a sheet of their own behind it. */
const CARD_RODS = 10

/** What is said of a card's posts under its drawing: where the rod read, and how long each is cut from its own foot. */
function postsOfCard(postCard: PostCard, rods: RodLog, asRead: readonly ScheduleRowAsRead[]): string[][] {
  return postCard.posts.flatMap(({ id, name }) => {
    const rod = rods.offsets[id]
    const row = asRead.find((each) => each.id === id)
    if (!row || (!rod && !row.footRead)) return []
    const reads = rod ? [inches(rod.readingIn), inches(rod.upToGradeIn)] : ['', '']
    return [[name, ...reads, mark(row.totalIn), row.footRead ? 'as read' : 'as planned']]
  })
}

/** Every kind of post with its pole, and what was read at each of its posts. */
export function cardSheets(job: Job, derived: Derived, rods: RodLog, asRead: readonly ScheduleRowAsRead[]): Sheet[] {
  return derived.cards.flatMap((postCard): Sheet[] => {
    const posts = postsOfCard(postCard, rods, asRead)
    const marks = (rows: string[][]): Block =>
      table(['post', 'rod reads', 'up to grade line', 'cut', 'foot'], rows, [1, 2, 3], [2, 3])
    const short = posts.length <= CARD_RODS
    const readingBlocks = () => {
      if (posts.length === 0) return []
      if (short) return [marks(posts)]
      return [
        {
          kind: 'text' as const,
          text: 'What the rod read at each of them, how far up from there the grade line is, and its cut: next sheet.',
        },
      ]
    }
    const { row } = postCard
    const ids = new Set(postCard.posts.map(({ id }) => id))
    const someRead = asRead.some(({ id, footRead }) => footRead && ids.has(id))
    const card: Sheet = {
      title: `${kindName(postCard.kind)}: ` + someNames(postCard.posts, TITLE_NAMES),
      sub:
        `${row.section}, ${someRead ? 'planned ' : ''}${mark(row.totalIn)} long` +
        `${row.stockIn === null ? '' : `, from ${mark(row.stockIn)}`}` +
        `${someRead ? '; cut to the length beside its name' : ''}`,
      blocks: [
        { kind: 'svg', ...postSvg(job, derived, postCard), alt: `marks of ${postCard.posts[0]?.name}` },
        ...restOfNames(postCard.posts, TITLE_NAMES).map((text) => ({ kind: 'text' as const, text })),
        ...readingBlocks(),
        { kind: 'text', text: `Girt marks are the ${job.fieldwork.boardEdge} of the board.` },
        { kind: 'caution', text: plain(RAISE_CAUTION) },
      ],
    }
    return [
      card,
      ...(short
        ? []
        : chunk(posts, ROWS - 2).map((rows): Sheet => ({
            title: `${kindName(postCard.kind)}: grade marks`,
            sub: `${row.section}; up from where the rod stood, all set-ups in one frame`,
            blocks: [marks(rows)],
          }))),
    ]
  })
}
