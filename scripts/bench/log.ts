import type { FieldRecord, RecordBody } from '@/core/field'

const at = (n: number, body: RecordBody): FieldRecord => ({
  id: `r${n}`,
  at: new Date(Date.UTC(2026, 4, 4, 12) + n * 1000).toISOString(),
  device: 'bench',
  who: '',
  body,
})

/** A field log of twenty set-ups with fifty readings each, over the posts in turn. */
export function benchLog(posts: readonly string[]): FieldRecord[] {
  const log: FieldRecord[] = []
  for (let s = 0; s < 20; s++) {
    log.push(at(s * 100, { kind: 'setup', setup: `s${s}`, place: '', benchmarkIn: 48 + s / 16 }))
    for (let k = 0; k < 50; k++)
      log.push(
        at(s * 100 + k + 1, {
          kind: 'reading',
          setup: `s${s}`,
          target: posts[(s * 50 + k) % posts.length],
          of: 'foot',
          inches: 52 + ((s * 50 + k * 7) % 40) / 16,
        }),
      )
  }
  return log
}
/** One reading more, typed after all of them. */
export const oneMore = (post: string, i: number): FieldRecord =>
  at(5000, { kind: 'reading', setup: 's3', target: post, of: 'foot', inches: 52 + i / 16 })
