import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { Builder, Capabilities } from 'selenium-webdriver'
import { freePort } from './ports.mjs'

const LIBRARIES = ['/usr/lib/x86_64-linux-gnu', '/usr/lib/aarch64-linux-gnu']
const VERSIONS = ['webkit2gtk-4.1', 'webkitgtk-6.0', 'webkit2gtk-4.0']

/** The small browser that comes with the engine. */
const browser = () =>
  LIBRARIES.flatMap((dir) => VERSIONS.map((version) => path.join(dir, version, 'MiniBrowser'))).find(existsSync)

// The bar of its window would hold a page wider than a phone.
const NARROW = '* { min-width: 0; padding: 0; margin: 0; font-size: 1px; -gtk-icon-size: 1px }'

/** A home of its own for the browser, where its window may be as narrow as a phone. */
function makeHome() {
  const home = mkdtempSync(path.join(os.tmpdir(), 'burdock-webkit-'))
  for (const version of ['gtk-3.0', 'gtk-4.0']) {
    mkdirSync(path.join(home, 'config', version), { recursive: true })
    writeFileSync(path.join(home, 'config', version, 'gtk.css'), NARROW)
  }
  return home
}

/** Larger than any window that a test asks for. */
const SCREEN = '1500x3500x24'

/** WebKit on a screen of its own, with a viewport about as large as is wanted: its window has a bar. */
export async function openWebKit({ width, height }) {
  const display = `:${100 + (process.pid % 800) + Math.floor(Math.random() * 80)}`
  const screen = spawn('Xvfb', [display, '-screen', '0', SCREEN], { stdio: 'ignore' })
  await new Promise((resolve) => setTimeout(resolve, 800))
  const port = await freePort()
  const home = makeHome()
  const service = spawn('WebKitWebDriver', [`--port=${port}`, '--host=127.0.0.1'], {
    stdio: 'ignore',
    env: {
      ...process.env,
      DISPLAY: display,
      HOME: home,
      XDG_CONFIG_HOME: path.join(home, 'config'),
      XDG_DATA_HOME: path.join(home, 'data'),
      XDG_CACHE_HOME: path.join(home, 'cache'),
      LIBGL_ALWAYS_SOFTWARE: '1',
      // Tests run as root in a sandbox of their own.
      WEBKIT_DISABLE_SANDBOX_THIS_IS_DANGEROUS: '1',
    },
  })
  await new Promise((resolve) => setTimeout(resolve, 800))
  const wanted = new Capabilities()
  wanted.set('browserName', 'MiniBrowser')
  wanted.set('webkitgtk:browserOptions', { binary: browser(), args: ['--automation'] })
  const driver = await new Builder().usingServer(`http://127.0.0.1:${port}`).withCapabilities(wanted).build()
  await driver.manage().window().setRect({ x: 0, y: 0, width, height })
  const quit = driver.quit.bind(driver)
  driver.quit = async () => {
    await quit().catch(() => undefined)
    service.kill()
    screen.kill()
  }
  return { driver, downloads: home }
}
