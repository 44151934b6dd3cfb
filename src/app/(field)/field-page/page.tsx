import { FieldSite } from '@/features/field'

export const dynamic = 'force-static'

/** Every address of the field is this page, made by the build and kept on the phone: it reads the address itself. */
export default function Page() {
  return <FieldSite />
}
