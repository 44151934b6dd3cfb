'use client'
import { LogOut, Users } from 'lucide-react'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { Button } from 'react-bootstrap'
import type { Role } from '@/core/people'
import { people } from './api'

/** Who asks, as the server tells a page. */
export type Asking =
  | { readonly kind: 'open' }
  | { readonly kind: 'stranger' }
  | { readonly kind: 'person'; readonly name: string; readonly role: Role }

/** Who is signed in, the way out, and for an owner the way to the people. */
export function Me({ me }: { readonly me: Asking }) {
  const router = useRouter()
  const leave = async () => {
    await people.signOut()
    router.replace('/sign-in')
  }
  const mayInvite = me.kind === 'open' || (me.kind === 'person' && me.role === 'owner')
  return (
    <>
      {mayInvite && (
        <Link href="/people" className="btn btn-light">
          <Users size={16} /> People
        </Link>
      )}
      {me.kind === 'person' && (
        <Button variant="light" onClick={() => void leave()} title={`Signed in as ${me.name}`}>
          <LogOut size={16} /> Sign out
        </Button>
      )}
    </>
  )
}
