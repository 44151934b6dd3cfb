import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import BIDI from 'selenium-webdriver/bidi/index.js'
import { freePort } from './ports.mjs'

const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
/** Longest that the browser is waited for, ms. */
const PATIENCE_MS = 40_000
/** What a browser of ours never does by itself: ask elsewhere, tell of itself, or open pages of its own. */
const PREFERENCES = {
  'browser.shell.checkDefaultBrowser': false,
  'browser.startup.homepage': 'about:blank',
  'browser.startup.page': 0,
  'browser.aboutwelcome.enabled': false,
  'app.update.disabledForTesting': true,
  'datareporting.policy.dataSubmissionEnabled': false,
  'toolkit.telemetry.reportingpolicy.firstRun': false,
  'network.captive-portal-service.enabled': false,
  'network.connectivity-service.enabled': false,
  'services.settings.server': 'data:,',
  'dom.disable_beforeunload': true,
}

/** Tries until something comes about, or it has taken too long. */
async function until(what, work) {
  for (const end = Date.now() + PATIENCE_MS; Date.now() < end; await wait(150)) {
    const got = await work().catch(() => null)
    if (got) return got
  }
  throw new Error(`Firefox: ${what}`)
}

/**
 * A headless Firefox, driven by WebDriver BiDi: Debian has no other driver for it. `faults` are what its pages have said
 * went wrong since they were last asked for.
 */
export async function openFirefox({ width = 1280, height = 800 } = {}) {
  const profile = mkdtempSync(path.join(os.tmpdir(), 'burdock-firefox-'))
  const lines = Object.entries(PREFERENCES).map(
    ([name, value]) => `user_pref(${JSON.stringify(name)}, ${JSON.stringify(value)});`,
  )
  writeFileSync(path.join(profile, 'user.js'), `${lines.join('\n')}\n`)
  const port = await freePort()
  const browser = spawn(
    'firefox-esr',
    [
      '--headless',
      '--no-remote',
      '--profile',
      profile,
      `--remote-debugging-port=${port}`,
      `--width=${width}`,
      `--height=${height}`,
    ],
    { stdio: 'ignore', env: { ...process.env, HOME: profile } },
  )
  let bidi = null
  await until('it did not open its door', async () => {
    const tried = new BIDI(`ws://127.0.0.1:${port}/session`)
    tried.on('error', () => undefined)
    await tried.waitForConnection()
    bidi = tried
    return true
  })
  const send = async (method, params = {}) => {
    const { result, error, message } = await bidi.send({ method, params })
    if (error) throw new Error(`Firefox: ${method}: ${error} ${message}`)
    return result
  }
  await send('session.new', { capabilities: {} })
  const [{ context }] = (await send('browsingContext.getTree')).contexts
  await send('browsingContext.setViewport', { context, viewport: { width, height } })
  await send('session.subscribe', { events: ['log.entryAdded'] })
  const faults = []
  bidi.socket.on('message', (data) => {
    const { method, params } = JSON.parse(data.toString())
    if (method === 'log.entryAdded' && params.level === 'error') faults.push(params.text ?? 'an error without words')
  })
  const run = async (expression) => {
    const { result, exceptionDetails } = await send('script.evaluate', {
      expression,
      target: { context },
      awaitPromise: true,
    })
    if (exceptionDetails) throw new Error(exceptionDetails.text)
    return result.value
  }
  return {
    go: (url) => send('browsingContext.navigate', { context, url, wait: 'complete' }),
    run,
    reads: (has) => until(`never read ${has}`, async () => has.test(await run('document.body.innerText'))),
    picture: async () => Buffer.from((await send('browsingContext.captureScreenshot', { context })).data, 'base64'),
    faults: () => faults.splice(0),
    close: async () => {
      await send('browser.close').catch(() => undefined)
      browser.kill()
      rmSync(profile, { recursive: true, force: true, maxRetries: 5, retryDelay: 200 })
    },
  }
}
