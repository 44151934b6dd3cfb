import { answer, overTls, personOf, SESSION_COOKIE, setCookie, signOut } from '@/server'

export const dynamic = 'force-dynamic'

/** Ends the session of this device; the device itself stays known. */
export const POST = (request: Request) =>
  answer(request, async () => {
    const person = personOf(request.headers)
    if (person) await signOut(person)
    return Response.json(
      { ok: true },
      { headers: { 'set-cookie': setCookie(SESSION_COOKIE, null, overTls(request.headers)) } },
    )
  })
