import { GuestPost, NoGuest } from '@/features/guest'
import { readGuest } from '@/server'

export const dynamic = 'force-dynamic'

/** One post for whoever has the address of a guest's card, until its day. */
export default async function Page({ params }: { readonly params: Promise<{ token: string }> }) {
  const read = await readGuest((await params).token)
  return read ? <GuestPost {...read} /> : <NoGuest />
}
