import 'server-only'
import type { ForPhones } from '../heavy/tasks'
import { madeForPhone } from '../services/fieldPlanService'
import { fromSave, refused, tooBusy } from './answer'

const NO_STORE = { 'content-type': 'application/json', 'cache-control': 'no-store' }

/** The revision that a phone says it has; null where it has none, or says it oddly. */
function hasOf(request: Request): number | null {
  const has = Number(new URL(request.url).searchParams.get('has') ?? Number.NaN)
  return Number.isSafeInteger(has) ? has : null
}

/** Under which name each part of a job goes to a phone. */
const NAMES: Readonly<Record<ForPhones, string>> = { 'field-plan': 'plan', 'site-sheets': 'sheets' }

/** A part of a job as phones have it; nothing but its revision where the phone has it already. */
export async function forPhone(request: Request, paper: ForPhones, id: string): Promise<Response> {
  const reply = await madeForPhone(paper, id, hasOf(request), request.signal)
  switch (reply.kind) {
    case 'made': {
      // It was made as text, and is put between the words around it as it is.
      const words = [`{"revision":${reply.revision},"${NAMES[paper]}":`, '}']
      const [before, after] = words.map((text) => Buffer.from(text))
      return new Response(Buffer.concat([before, reply.json, after]), { headers: NO_STORE })
    }
    case 'same':
      return Response.json({ revision: reply.revision }, { headers: NO_STORE })
    case 'refused':
      return refused(reply.issues)
    case 'busy':
      return tooBusy()
    case 'gone':
      return fromSave({ kind: 'gone' })
  }
}
