import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { freshSite } from '../lib/site.mjs'
import { line, newJob, readAll, record, send, wait } from './common.mjs'

/** A disk that fills: writes are refused before they are half taken, nothing acknowledged is lost, and room helps. */
export async function disk() {
  const within = mkdtempSync(path.join(os.tmpdir(), 'burdock-disk-'))
  if (
    process.getuid?.() !== 0 ||
    spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=360m,mode=755', 'tmpfs', within]).status !== 0
  ) {
    rmSync(within, { recursive: true, force: true })
    console.log('disk      NOT RUN: it needs root and a disk of its own (mount)')
    return
  }
  let site = null
  try {
    site = await freshSite({ servers: 1, within })
    const job = await newJob(site.base, 'Disk')
    const acknowledged = new Set()
    const write = async (k) => {
      const some = Array.from({ length: 500 }, (_, i) => ({
        ...record(`k${k}-${i}`, 'p'),
        body: {
          kind: 'hole',
          post: 'A1',
          depthIn: 60,
          setup: null,
          bottomReadingIn: null,
          found: 'rock',
          note: 'x'.repeat(290),
        },
      }))
      const reply = await send(`${site.base}/api/jobs/${job}/records`, 'POST', { after: 1e9, records: some })
      const said = await reply.json()
      if (reply.ok) for (const { id } of some) if (!said.refused.some((each) => each.id === id)) acknowledged.add(id)
      return { status: reply.status, error: said.error, retry: reply.headers.get('retry-after') }
    }
    const fill = path.join(within, 'fill')
    // Most of the disk is taken by somebody else, then phones write on.
    const free = () =>
      Number(spawnSync('df', ['-B1', '--output=avail', within], { encoding: 'utf8' }).stdout.split('\n')[1])
    writeFileSync(fill, Buffer.alloc(Math.max(0, free() - 90_000_000)))
    let last = { status: 0 }
    let k = 0
    for (; k < 400 && last.status !== 507; k++) last = await write(k)
    const read = (await fetch(`${site.base}/api/jobs/${job}`)).status
    // Past the reserve: what the database itself says.
    writeFileSync(path.join(within, 'fill-2'), Buffer.alloc(Math.max(0, free() - 2_000_000)))
    const pressed = await write('pressed')
    rmSync(fill)
    rmSync(path.join(within, 'fill-2'))
    await wait(1500)
    const after = await write('after')
    const ids = new Set((await readAll(site.base, job)).map(({ record: { id } }) => id))
    const lost = [...acknowledged].filter((id) => !ids.has(id)).length
    const half = [...ids].filter((id) => !acknowledged.has(id)).length
    line(
      'disk',
      `${acknowledged.size} records acknowledged until “${last.error}”, ${lost} lost, ${half} half taken; with room again: ${after.status}`,
      {
        'it was never said': last.status !== 507 || last.error !== 'disk-full',
        'not said when to come again': !last.retry,
        'nothing could be read': read !== 200,
        'written past the reserve': pressed.status !== 507,
        lost: lost > 0,
        'half taken': half > 0,
        'not taken with room': after.status !== 200,
      },
    )
  } finally {
    await site?.stop()
    spawnSync('umount', ['-l', within])
    rmSync(within, { recursive: true, force: true })
  }
  readOnly()
}

/** A start on a disk that is read-only, and on one that is full, says so. */
function readOnly() {
  const at = mkdtempSync(path.join(os.tmpdir(), 'burdock-disk-'))
  const tried = (options, prepare = () => undefined) => {
    spawnSync('mount', ['-t', 'tmpfs', '-o', options, 'tmpfs', at])
    prepare()
    const env = { ...process.env, BURDOCK_DATA: path.join(at, 'data'), PORT: '39999' }
    delete env.DATABASE_URL
    const { status, stderr } = spawnSync(process.execPath, ['scripts/start.mjs'], { encoding: 'utf8', env })
    spawnSync('umount', [at])
    return { status, stderr: stderr.trim() }
  }
  const locked = tried('size=1m,ro')
  const full = tried('size=20m', () => mkdirSync(path.join(at, 'data')))
  rmSync(at, { recursive: true, force: true })
  line('start', `read-only: “${locked.stderr.split(': ').at(-1)}”; full: “${full.stderr.split(': ').at(-1)}”`, {
    'a read-only disk is not said': locked.status !== 1 || !locked.stderr.includes('read-only'),
    'a full disk is not said': full.status !== 1 || !/full|MB left/.test(full.stderr),
  })
}
