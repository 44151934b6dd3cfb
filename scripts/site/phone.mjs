import { spawn } from 'node:child_process'
import { existsSync, mkdirSync } from 'node:fs'
import path from 'node:path'
import { Builder, By, until } from 'selenium-webdriver'
import chrome from 'selenium-webdriver/chrome.js'
import { ARGS } from '../lib/browser.mjs'
import { freePort } from '../lib/ports.mjs'
import { DRIVEN, HANDS, run, WITHIN } from './yard.mjs'

/** Asks the office from a page, as the page itself would. */
const ASK = `const [to, method, body, done] = arguments; fetch(to, { method,
  ...(body ? { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}) })
  .then(async (answer) => done({ status: answer.status, body: await answer.json().catch(() => null) }))
  .catch(() => done({ status: 0, body: null }))`

/** A browser's own store of authorities, with the office's among them. */
function trust(home, authority) {
  const store = path.join(home, '.pki/nssdb')
  // A phone that is opened again has its store: asked to make it anew, certutil would ask for a password for ever.
  if (existsSync(store)) return
  mkdirSync(store, { recursive: true })
  run(`certutil -d sql:${store} -N --empty-password`)
  run(`certutil -d sql:${store} -A -t C,, -n burdock -i ${authority}`)
}

/** A browser, in the yard or at the office, with a profile in `home` that outlives it. */
export async function openPhone({ home, authority, inYard = true }) {
  trust(home, authority)
  const door = await freePort()
  // The desk stands at the office: it has its end of the cable whatever becomes of the signal.
  const [program, ...args] = [
    ...(inYard ? WITHIN : []),
    'chromedriver',
    `--port=${door}`,
    `--allowed-ips=${HANDS}`,
    '--allowed-origins=*',
  ]
  const service = spawn(program, args, { stdio: 'ignore', env: { ...process.env, HOME: home } })
  await new Promise((resolve) => setTimeout(resolve, 1500))
  const options = new chrome.Options()
    .setChromeBinaryPath('/usr/bin/chromium')
    .addArguments(...ARGS, `--user-data-dir=${path.join(home, 'profile')}`, '--window-size=412,892')
  const driver = await new Builder()
    .usingServer(`http://${inYard ? DRIVEN : HANDS}:${door}`)
    .forBrowser('chrome')
    .setChromeOptions(options)
    .build()
  await driver.manage().setTimeouts({ script: 30_000 })
  const says = async () => driver.executeScript('return document.body.innerText').catch(() => '')
  const ask = (to, body, method = body ? 'POST' : 'GET') => driver.executeAsyncScript(ASK, to, method, body ?? null)
  return {
    driver,
    says,
    ask,
    reads: (has) =>
      driver
        .wait(async () => has.test(await says()), 40_000)
        .catch(async () => {
          const logged = await driver.manage().logs().get('browser')
          const faults = logged.map(({ message }) => message.slice(0, 400)).slice(-4)
          throw new Error(`never read ${has}; it says: ${(await says()).slice(0, 400)}\n${faults.join('\n')}`)
        }),
    tap: async (text) => {
      const key = By.xpath(`//button[contains(normalize-space(.), "${text}")]`)
      const found = await driver.wait(until.elementLocated(key), 20_000).catch(async () => {
        throw new Error(`no key “${text}”; it says: ${(await says()).slice(0, 600)}`)
      })
      await found.click()
      // The next tap, were it sooner, would be the same one of a stiff glove.
      await new Promise((resolve) => setTimeout(resolve, 420))
    },
    close: async () => {
      await driver.quit().catch(() => undefined)
      service.kill()
    },
  }
}
