import { figureThumbs, PocketApp } from '@/features/pocket'

export const dynamic = 'force-static'

export default async function Page() {
  return <PocketApp thumbs={await figureThumbs()} />
}
