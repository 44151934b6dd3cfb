import { FirstOwner, PeopleView } from '@/features/people'
import { officeIsOpen } from '@/server'

export const dynamic = 'force-dynamic'

export default async function Page() {
  return (await officeIsOpen()) ? <FirstOwner asksCode={false} /> : <PeopleView />
}
