import { freshSite } from '../lib/site.mjs'
import { line, newJob, readAll, record, sendUntilTaken, wait } from './common.mjs'

/** Kills of the database and of servers at random moments while four phones write: nothing acknowledged is lost. */
export async function kills({ count = 100, untilMs }) {
  const site = await freshSite({ env: { BURDOCK_RATE: '1000000' } })
  try {
    const job = await newJob(site.base, 'Kills')
    const acknowledged = new Set()
    let writing = true
    const phone = async (device) => {
      for (let k = 0; writing; k++) {
        const some = Array.from({ length: 1 + (k % 5) }, (_, i) => record(`${device}-${k}-${i}`, device))
        const { taken, refused } = await sendUntilTaken(site.base, job, some)
        if (taken) for (const { id } of some) if (!refused.some((each) => each.id === id)) acknowledged.add(id)
      }
    }
    const phones = ['p1', 'p2', 'p3', 'p4'].map(phone)
    let done = 0
    for (; done < count && Date.now() < untilMs; done++) {
      await wait(50 + Math.random() * 400)
      if (done % 2 === 0) {
        const child = site.databaseChild()
        const gone = new Promise((resolve) => child.once('exit', resolve))
        child.kill('SIGKILL')
        await gone
        await site.startDatabase()
      } else {
        const which = (done >> 1) % 2
        const { child } = site.servers()[which]
        const gone = new Promise((resolve) => child.once('exit', resolve))
        child.kill('SIGKILL')
        await gone
        await site.restartServer(which)
      }
    }
    await wait(300)
    writing = false
    await Promise.all(phones)
    const kept = await readAll(site.base, job)
    const ids = new Set(kept.map(({ record: { id } }) => id))
    const lost = [...acknowledged].filter((id) => !ids.has(id)).length
    line(
      'kills',
      `${done} kills, ${acknowledged.size} records acknowledged, ${lost} lost, ${kept.length - ids.size} twice`,
      {
        lost: lost > 0,
        twice: kept.length !== ids.size,
        'gaps in the order': kept.some(({ seq }, i) => seq !== i + 1),
        'nothing was written': acknowledged.size < done,
      },
      { [`fewer kills than ${count}`]: done < count },
    )
  } finally {
    await site.stop()
  }
}
