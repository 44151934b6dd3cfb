import { FieldApp } from '@/features/field'
import { isAway, oneJob } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page({ params }: { params: Promise<{ id: string; rest?: string[] }> }) {
  const { id, rest } = await params
  let doc: unknown = null
  try {
    doc = (await oneJob(id))?.doc ?? null
  } catch (error) {
    if (!isAway(error)) throw error
  }
  return <FieldApp id={id} initial={doc} path={(rest ?? []).map(decodeURIComponent)} />
}
