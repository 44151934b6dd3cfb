import { spawn } from 'node:child_process'
import { readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { inYard, OFFICE, portal, signal, WITHIN } from './yard.mjs'

/**
 * Two phones and the office, apart and together again: what may go wrong between them, one trial after another. Gives the
 * second phone, which it has let in.
 */
export async function apart({ check, must, site, desk, crew, phone, files, address, port, job }) {
  let mate = null
  const waiting = (count) => new RegExp(`Offline[\\s\\S]*${count} kept here`)
  const recordsOf = async (of = job) =>
    (await desk.ask(`/api/jobs/${of}/records?after=0`)).body.records.map(({ record }) => record)
  const post = (name) => `${address}/field/${job}/post/${name}`
  await check(
    'a server that is killed under a phone: the page opens all the same, and what waits arrives once',
    async () => {
      await crew.driver.get(post('D6'))
      await crew.reads(/Post card D6/)
      site.servers()[0].child.kill('SIGKILL')
      await crew.tap('Now hole dug')
      await crew.reads(waiting(1))
      await crew.driver.navigate().refresh()
      await crew.reads(/Post card D6[\s\S]*hole dug/)
      await site.restartServer(0)
      await crew.reads(/Post card D6[\s\S]*Sent|Sent[\s\S]*hole dug/)
      const sent = (await recordsOf()).filter(({ who, body }) => who === 'Rowan' && body.kind === 'state')
      must(sent.length === 3, `${sent.length} states of Rowan`)
    },
  )
  await check('another network answers for the office: its page is nowhere, and entries wait', async () => {
    signal(false)
    portal(true)
    const theirs = spawn(WITHIN[0], [
      ...WITHIN.slice(1),
      process.execPath,
      'scripts/site/portal.mjs',
      OFFICE,
      String(port),
      files.cert,
      files.key,
    ])
    try {
      await new Promise((resolve) => setTimeout(resolve, 1500))
      await crew.driver.get(`${address}/something-else`)
      await crew.reads(/Sign in to this network/)
      await crew.driver.get(post('D6'))
      await crew.tap('Now footing ready')
      await crew.reads(waiting(1))
      await crew.driver.navigate().refresh()
      await crew.reads(/Post card D6[\s\S]*footing ready/)
      must(!/Sign in to this network/.test(await crew.says()), 'the other network’s page is shown')
    } finally {
      theirs.kill()
      portal(false)
      signal(true)
    }
    await crew.driver.get(`${address}/field/${job}`)
    await crew.reads(/✓ Ready without a signal/)
    await crew.reads(/Sent/)
  })
  await check('a second phone comes in with a PIN; a day without a signal arrives once and in its order', async () => {
    const invited = await desk.ask('/api/invitations', { name: 'Sorrel', role: 'crew' })
    mate = await phone('mate')
    await mate.driver.get(`${address}/join/${invited.body.code}`)
    const joined = await mate.ask('/api/join', { code: invited.body.code, secret: '493817', label: 'phone of Sorrel' })
    must(joined.status === 200, `joining was answered ${joined.status}`)
    await mate.driver.get(`${address}/field/${job}`)
    await mate.reads(/✓ Ready without a signal/)
    signal(false)
    const wanted = []
    for (const name of ['A2', 'A3', 'A4', 'A6', 'A7', 'B8', 'C8']) {
      await mate.driver.get(post(name))
      await mate.reads(new RegExp(`Post card ${name}`))
      for (let step = 0; step < 2; step++) {
        const said = await mate.driver
          .executeScript(`const key = [...document.querySelectorAll('.acts .main')].find((each) =>
          /^(Now|Cut as said)/.test(each.textContent)); key.click(); return key.textContent`)
        wanted.push(said)
        // Tapped sooner it would be the same tap of a stiff glove.
        await new Promise((resolve) => setTimeout(resolve, 450))
      }
    }
    await mate.close()
    mate = await phone('mate')
    await mate.driver.get(post('A2'))
    await mate.reads(/Post card A2[\s\S]*kept here|kept here[\s\S]*state/)
    signal(true)
    await mate.reads(/Sent/)
    const own = (await recordsOf()).filter(({ who }) => who === 'Sorrel')
    const seqs = own.map(({ deviceSeq }) => deviceSeq)
    must(own.length >= wanted.length, `${own.length} of ${wanted.length} taps arrived`)
    must(
      seqs.every((seq, k) => k === 0 || seq === seqs[k - 1] + 1),
      `out of order: ${seqs}`,
    )
  })
  await check('sent again and shuffled, the same records change nothing', async () => {
    const before = await recordsOf()
    const own = before.filter(({ who }) => who === 'Sorrel')
    for (const records of [[...own].reverse(), own.filter((_, k) => k % 2), own]) {
      const told = await mate.ask(`/api/jobs/${job}/records`, { after: 0, records })
      must(told.body.refused.length === 0, JSON.stringify(told.body.refused.slice(0, 2)))
    }
    must((await recordsOf()).length === before.length, 'records were counted twice')
  })
  await check('two phones say two depths without a signal: both, and the office, say the same sentence', async () => {
    signal(false)
    for (const [who, depth] of [
      [crew, '92'],
      [mate, '88'],
    ]) {
      await who.driver.get(`${address}/field/${job}/hole/D7`)
      await who.reads(/Hole D7/)
      await who.tap(depth)
      await who.tap('Keep this depth')
      await who.reads(/Offline[\s\S]*kept here/)
    }
    signal(true)
    const sentence = /\d+′\s\d+″ by \w+, \d+′\s\d+″ by \w+\. The first stands\. Measure it again, or take one back\./
    const said = []
    for (const who of [crew, mate]) {
      await who.driver.get(`${address}/field/${job}`)
      await who.reads(sentence)
      said.push(sentence.exec(await who.says())?.[0])
    }
    await desk.driver.get(`${address}/jobs/${job}?stage=posts&view=setups`)
    await desk.reads(sentence)
    said.push(sentence.exec(await desk.says())?.[0])
    must(new Set(said).size === 1, said.join(' / '))
  })
  await check('a refused entry in the middle is set aside with its reason, and the rest goes on', async () => {
    signal(false)
    await mate.driver.get(post('D5'))
    await mate.reads(/Post card D5/)
    await mate.tap('Undo footing ready')
    await mate.driver.get(post('D8'))
    await mate.reads(/Post card D8/)
    await mate.tap('Now hole dug')
    await mate.reads(waiting(2))
    signal(true)
    await mate.driver.get(`${address}/field/${job}`)
    await mate.reads(/Set aside: the office did not take this entry/)
    await mate.reads(/Sent/)
    const sent = (await recordsOf()).filter(({ who }) => who === 'Sorrel')
    must(sent.at(-1).body.state === 'hole dug', JSON.stringify(sent.at(-1)))
    must(!sent.some(({ body }) => body.kind === 'void'), 'another’s entry was taken back')
    await mate.tap('Leave it out')
  })
  await check('the office moves a post under an entry: it does not count, and all three say the same', async () => {
    const { doc } = (await desk.ask(`/api/jobs/${job}`)).body
    // Posts that the office has read are not moved without a word.
    const bare = { ...doc, name: 'Moved in the yard', levels: { ...doc.levels, readingsIn: {} } }
    const made = (await desk.ask('/api/jobs', { import: bare })).body
    // A step that was let go for a reason is a record of its post, which then is not moved without a word either.
    const lines = { kind: 'lines', reference: 'a trial', marked: '2026-05-04' }
    const marked = { id: 'lines-moved', at: '2026-05-04T12:00:00Z', device: 'office', who: 'Juniper', body: lines }
    await desk.ask(`/api/jobs/${made.id}/records`, { after: 0, records: [marked] })
    for (const who of [crew, mate]) {
      await who.driver.get(`${address}/field/${made.id}/post/D4`)
      await who.reads(/Post card D4/)
      await who.driver.get(`${address}/field/${made.id}`)
      await who.reads(/✓ Ready without a signal/)
    }
    signal(false)
    await mate.driver.get(`${address}/field/${made.id}/post/D4`)
    await mate.tap('Now hole dug')
    await mate.reads(waiting(1))
    const stored = (await desk.ask(`/api/jobs/${made.id}`)).body
    const longer = { ...stored.doc.building, lengthIn: stored.doc.building.lengthIn + 84 }
    const saved = await desk.ask(
      `/api/jobs/${made.id}`,
      { baseRevision: stored.revision, label: 'longer', doc: { ...stored.doc, building: longer } },
      'PUT',
    )
    must(saved.status === 200, JSON.stringify(saved.body))
    signal(true)
    const sentence =
      /“D4 hole dug” was entered by Sorrel from plan revision \d+; the office has moved it [^.]*\. It does not count\./
    const said = []
    for (const who of [mate, crew]) {
      await who.driver.get(`${address}/field/${made.id}`)
      await who.reads(/The office has changed the plan/)
      await who.reads(sentence)
      said.push(sentence.exec(await who.says())?.[0])
    }
    await desk.driver.get(`${address}/jobs/${made.id}?stage=posts&view=setups`)
    await desk.reads(sentence)
    said.push(sentence.exec(await desk.says())?.[0])
    must(new Set(said).size === 1, said.join(' / '))
  })
  const early = (who, source) =>
    who.driver.sendAndGetDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source })
  const without = (who, { identifier }) =>
    who.driver.sendDevToolsCommand('Page.removeScriptToEvaluateOnNewDocument', { identifier })
  await check('a phone whose clock is a day behind says so, and its entries come after what it has seen', async () => {
    const behind = await early(mate, 'const now = Date.now.bind(Date); Date.now = () => now() - 86400000')
    await mate.driver.get(post('D8'))
    await mate.reads(/Post card D8/)
    await mate.tap('Now footing ready')
    await mate.driver.get(`${address}/field/${job}`)
    await mate.reads(/This phone’s clock is 24 hours behind/)
    await mate.reads(/Sent/)
    const dug = (await recordsOf()).filter(({ who, body }) => who === 'Sorrel' && body.kind === 'state').slice(-2)
    must(dug[1].body.state === 'footing ready' && dug[1].clock > dug[0].clock, JSON.stringify(dug))
    await without(mate, behind)
  })
  await check('no room to keep: said before anything is tapped, and nothing is taken', async () => {
    const full = await early(
      mate,
      "IDBObjectStore.prototype.put = () => { throw new DOMException('full', 'QuotaExceededError') }",
    )
    const before = (await recordsOf()).length
    await mate.driver.get(post('D8'))
    await mate.reads(/cannot keep entries: it takes none/)
    await mate.tap('Cut as said')
    await mate.reads(/last (entry was|2 entries were) not taken/)
    must(!/kept here/.test(await mate.says()), 'it says that entries are kept')
    await without(mate, full)
    must((await recordsOf()).length === before, 'an entry was taken')
  })
  await check('a build that is replaced under a phone takes over whole when it is asked to', async () => {
    const file = path.join('.next', 'site-worker.js')
    const code = readFileSync(file, 'utf8')
    await crew.driver.get(`${address}/field/${job}`)
    await crew.reads(/✓ Ready without a signal/)
    writeFileSync(file, `${code}\n// another build\n`)
    try {
      await crew.driver.executeScript('navigator.serviceWorker.getRegistration().then((found) => found.update())')
      await crew.reads(/A newer Burdock/)
      await crew.tap('Load it')
      await crew.driver.wait(async () => !/A newer Burdock/.test(await crew.says()), 30_000)
      await crew.reads(/✓ Ready without a signal/)
    } finally {
      writeFileSync(file, code)
    }
  })
  await check('an entry stands at the office within a second', async () => {
    await desk.driver.get(`${address}/jobs/${job}?stage=posts&view=setups`)
    await desk.reads(/Phones on site/)
    await crew.driver.get(post('E4'))
    await crew.reads(/Post card E4/)
    must(!/E4 hole dug/.test(await desk.says()), 'it stands there before')
    const from = Date.now()
    await crew.tap('Now hole dug')
    await desk.reads(/E4 hole dug/)
    console.log(`      it stood there after ${Date.now() - from} ms, as far as a browser that is asked can tell`)
  })
  await check('a guest’s card opens its post from the yard, and nothing else', async () => {
    const plan = (await desk.ask(`/api/jobs/${job}/plan`)).body.plan
    const [first] = plan.derived.posts
    const until = new Date(Date.now() + 86_400_000).toISOString()
    const { token } = (await desk.ask(`/api/jobs/${job}/guests`, { post: first.id, until })).body
    const got = inYard(`curl -s --cacert ${files.authority} ${address}/guest/${token}`).stdout
    must(got.includes(`Post ${first.name}`), got.slice(0, 300))
    must(inYard(`curl -s --cacert ${files.authority} ${address}/api/jobs`).stdout.includes('sign-in'), 'jobs are told')
  })
  return mate
}
