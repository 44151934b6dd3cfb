import type { Job } from '@/core/model'
import { dollars } from '@/core/units'
import { inches, table } from '../crewbook/paper'
import type { Block, CrewBook, Sheet } from '../crewbook/types'
import { chunk } from '../plain'
import type { ShownDerived } from '../shown'
import { sheetNote } from '../words'
import { boardRows, type CutOf } from './cutfiles'

/** Rows that a sheet takes. */
const ROWS = 30

/** How good the plan of a kind of board is known to be. */
function planWords({ plan }: CutOf): string {
  if (!plan) return 'No plan: a piece is longer than every board of the yard. It is spliced, or ordered special.'
  const bound = `no plan costs under ${dollars(plan.priceBound)}`
  return `${plan.count} boards, ${dollars(plan.price)}; ${plan.proved ? 'proved cheapest' : 'not proved cheapest'}: ${bound}.`
}

function sheetsOf(cut: CutOf): readonly Sheet[] {
  const rows = boardRows(cut).map((row) => [
    String(row.boards),
    String(row.stock),
    String(row.from),
    String(row['cut into']),
    inches(Number(row['left over, in'])),
  ])
  return chunk(rows, ROWS).map((part, i): Sheet => ({
    title: cut.group.label,
    sub: planWords(cut),
    ...(i === 0 ? { follows: true } : {}),
    blocks: [table(['boards', 'of', 'from', 'cut into', 'left over'], part, [0, 1, 4], [0, 1])] as readonly Block[],
  }))
}

/** What is cut from which board, kind by kind, for whoever stands at the saw. */
export const cutBook = (
  job: Pick<Job, 'name' | 'practice'>,
  derived: ShownDerived,
  cuts: readonly CutOf[],
  { date, revision }: { readonly date: string; readonly revision: string },
): CrewBook => ({
  job: job.name,
  date,
  revision,
  what: 'cut list',
  note: sheetNote(derived, job),
  sheets: cuts.flatMap(sheetsOf).map((sheet, i) => (i === 0 ? { ...sheet, follows: false } : sheet)),
})
