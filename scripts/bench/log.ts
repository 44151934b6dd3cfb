import { type FieldRecord, type RecordBody, withEnvelope } from '@/core/field'

const at = (index: number, body: RecordBody): FieldRecord =>
  withEnvelope({
    id: `r${index}`,
    at: new Date(Date.UTC(2026, 4, 4, 12) + index * 1000).toISOString(),
    device: 'bench',
    who: '',
    body,
  })

/** A field log of twenty set-ups with fifty readings each, over the posts in turn. */
export function benchLog(posts: readonly string[]): FieldRecord[] {
  const log: FieldRecord[] = []
  for (let setup = 0; setup < 20; setup++) {
    log.push(at(setup * 100, { kind: 'setup', setup: `s${setup}`, place: '', benchmarkIn: 48 + setup / 16 }))
    for (let k = 0; k < 50; k++)
      log.push(
        at(setup * 100 + k + 1, {
          kind: 'reading',
          setup: `s${setup}`,
          target: posts[(setup * 50 + k) % posts.length],
          of: 'foot',
          inches: 52 + ((setup * 50 + k * 7) % 40) / 16,
        }),
      )
  }
  return log
}
/** One reading more, typed after all of them. */
export const oneMore = (post: string, i: number): FieldRecord =>
  at(5000, { kind: 'reading', setup: 's3', target: post, of: 'foot', inches: 52 + i / 16 })
