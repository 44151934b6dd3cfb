import { headers } from 'next/headers'
import { JoinView } from '@/features/people'
import { fromOf, readInvitation } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page({ params }: { readonly params: Promise<{ code?: string[] }> }) {
  const code = (await params).code?.[0] ?? null
  if (code === null) return <JoinView code={null} invited={null} issues={[]} />
  const found = await readInvitation(code, fromOf(await headers(), '').address)
  if (!found.ok) return <JoinView code={code} invited={null} issues={found.issues} />
  const { name, role } = found.value
  return <JoinView code={code} invited={{ name, role }} issues={[]} />
}
