'use client'
import { useMemo, useState } from 'react'
import { girtFromGap, plannedGapIn } from '@/core/field'
import { formatLength, inchesAlone } from '@/core/units'
import type { FieldPage } from '../page'
import { useLog, useMeasured } from '../useField'
import { besideEachOther } from '../readings'
import { EntryPage, Picks, SHOWN, type Told } from './EntryPage'

/** What a girt is shorter than its gap, inches. */
const PLAYS = [1 / 8, 1 / 4, 1 / 16] as const
const WAYS = ['tape', 'laser'] as const
/** The one that comes after; the first after the last. */
const after = <T,>(all: readonly T[], now: T): T => all[(all.indexOf(now) + 1) % all.length]
/** A gap this far from the plan is measured again, inches: a laser may have hit something, or gone past the post. */
const OFF_PLAN_IN = 1
const MOST_IN = 480

interface Gap {
  readonly key: string
  readonly from: string
  readonly to: string
  readonly plannedIn: number
}

/** Every gap between neighbors of a row, row by row. */
function useGaps({ job, derived }: FieldPage): readonly Gap[] {
  const { rows } = useMeasured(job, derived)
  return useMemo(() => {
    const byId = new Map(derived.posts.map((post) => [post.id, post]))
    return rows.flatMap((row) =>
      row.slice(1).flatMap((to, i): Gap[] => {
        const [post, next] = [byId.get(row[i]), byId.get(to)]
        return post && next ? [{ key: `${post.id} ${to}`, from: post.id, to, plannedIn: plannedGapIn(post, next) }] : []
      }),
    )
  }, [rows, derived])
}

/** What a gap as measured means: the girt that goes in, and whether to measure it again. */
function gapTold(gapIn: number | null, plannedIn: number, girtIn: number): Told {
  const girt = `Girt between them: ${formatLength(girtIn)}${gapIn === null ? ', as planned' : ''}.`
  const offIn = gapIn === null ? 0 : gapIn - plannedIn
  if (Math.abs(offIn) <= OFF_PLAN_IN)
    return { look: false, lines: [girt, `Planned: ${formatLength(plannedIn)} clear.`] }
  const why = offIn < 0 ? 'A laser may have hit something on the way.' : 'A laser may have gone past the post.'
  return { look: true, lines: [girt, `${inchesAlone(Math.abs(offIn))} off the plan. ${why} Measure it again.`] }
}

/** Clear gaps between set posts, and the girts that go between them. */
export function GapsView(page: FieldPage) {
  const { names } = page.derived
  const gaps = useGaps(page)
  const state = useLog((log) => log.state)
  const add = useLog((log) => log.add)
  const undo = useLog((log) => log.undo)
  const [picked, setPicked] = useState<string | null>(null)
  const [playIn, setPlay] = useState<(typeof PLAYS)[number]>(PLAYS[0])
  const [by, setBy] = useState<(typeof WAYS)[number]>('tape')
  const of = ({ from, to }: Gap) => state.gaps.filter(({ body }) => body.from === from && body.to === to).at(-1)
  const open = gaps.find((each) => !of(each)) ?? gaps[0]
  const at = gaps.findIndex(({ key }) => key === (picked ?? open?.key))
  const gap = gaps[at]
  if (!gap) return <p className="fnote">There are no two posts beside each other.</p>
  const { lengthIn } = girtFromGap({ state, ...gap, playIn })
  const before = gaps[at - 1]
  const last = of(gap) ?? (before && of(before))
  const between = ({ from, to }: { readonly from: string; readonly to: string }) => `${names[from]}–${names[to]}`
  return (
    <EntryPage
      picks={
        <Picks
          label="Gaps"
          all={besideEachOther(gaps, at, SHOWN, 1).map((each) => [each.key, between(each), of(each) ? '✓' : '○'])}
          picked={gap.key}
          onPick={setPicked}
        />
      }
      empty={between(gap)}
      around={gap.plannedIn}
      most={MOST_IN}
      told={gapTold(of(gap)?.body.gapIn ?? null, gap.plannedIn, lengthIn)}
      keys={[
        {
          words: 'Keep',
          keep: (gapIn) => {
            add({ kind: 'gap', from: gap.from, to: gap.to, gapIn, by })
            // One that is off the plan stays in sight; else the next one comes.
            const isOff = Math.abs(gapIn - gap.plannedIn) > OFF_PLAN_IN
            setPicked((isOff ? gap : (gaps[at + 1] ?? gap)).key)
          },
        },
      ]}
      ways={[
        { label: 'Play of a girt', words: `${inchesAlone(playIn)} play`, next: () => setPlay(after(PLAYS, playIn)) },
        { label: 'Measured by', words: `by ${by}`, next: () => setBy(after(WAYS, by)) },
      ]}
      kept={
        last ? { words: `${between(last.body)}: ${inchesAlone(last.body.gapIn)}`, undo: () => undo(last.id) } : null
      }
    />
  )
}
