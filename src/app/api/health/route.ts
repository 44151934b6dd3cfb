export const dynamic = 'force-dynamic'

/** Whether this server lives. It asks nobody else: a database that is away is no reason to end the server. */
export const GET = () => Response.json({ ok: true })
