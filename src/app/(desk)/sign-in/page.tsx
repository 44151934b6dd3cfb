import { headers } from 'next/headers'
import { redirect } from 'next/navigation'
import { FirstOwner, SignInView } from '@/features/people'
import { officeIsOpen, visitorOf, whoIs } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { searchParams: Promise<{ to?: string | string[] }> }

/** A page of our own, or none: no link leads from here to another site. */
const ownPage = (to: string | string[] | undefined): string | null =>
  typeof to === 'string' && /^\/(?![/\\])/.test(to) ? to : null

export default async function Page({ searchParams }: Params) {
  const me = whoIs(visitorOf(await headers()))
  if (me.kind === 'person') redirect('/')
  if (await officeIsOpen()) return <FirstOwner asksCode={me.kind === 'stranger' && me.asksCode} />
  return <SignInView to={ownPage((await searchParams).to)} />
}
