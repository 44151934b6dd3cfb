import { unbroken } from '@/formats/plain'
import { SheetPart } from '../../drawing/SheetPart'
import type { FieldPage } from '../page'
import { useLog } from '../useField'
import { useSheets } from '../useSheets'

/** A sheet of the crew book, as on paper. */
export function SheetsView({ at, ...page }: FieldPage & { readonly at: number | null }) {
  const { go, plan } = page
  const jobId = useLog((log) => log.jobId)
  const found = useSheets(jobId, plan.revision)
  if (found === null) return <p className="fnote">One moment.</p>
  if (found === 'missing')
    return (
      <div className="fwarn" role="alert">
        <b>The sheets are not on this phone</b>
        <p>Open them once with a signal: after that they are kept here.</p>
      </div>
    )
  const isOld = found.revision !== plan.revision
  const { sheets } = found
  const sheet = at === null ? undefined : sheets[at]
  const step = (to: number, words: string) => (
    <button type="button" disabled={!sheets[to]} onClick={() => go(['sheets', String(to)])}>
      {words}
    </button>
  )
  return (
    <>
      {isOld && (
        <div className="fwarn" role="alert">
          <b>These sheets are of plan revision {found.revision}</b>
          <p>The plan here is of revision {plan.revision}: the newer sheets come with a signal.</p>
        </div>
      )}
      {sheet === undefined || at === null ? (
        <div className="next more">
          {sheets.map(({ title, sub }, k) => (
            <button key={k} type="button" className="do" onClick={() => go(['sheets', String(k)])}>
              <span>{title}</span>
              <i>{unbroken(sub)}</i>
            </button>
          ))}
        </div>
      ) : (
        <>
          <article className="fsheet" aria-label={sheet.title}>
            <h2>{sheet.title}</h2>
            <p className="fnote">{unbroken(sheet.sub)}</p>
            {sheet.blocks.map((block, k) => (
              <div key={k} className={`part ${block.kind}`} {...(block.kind === 'svg' ? { tabIndex: 0 } : {})}>
                <SheetPart block={block} />
              </div>
            ))}
          </article>
          <div className="acts">
            {step(at - 1, 'Before')}
            <button type="button" onClick={() => go(['sheets'])}>
              All sheets
            </button>
            {step(at + 1, 'Next')}
          </div>
        </>
      )}
    </>
  )
}
