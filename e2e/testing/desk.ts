import { readdirSync, readFileSync } from 'node:fs'
import path from 'node:path'
import { By, Key, until, type WebDriver, type WebElement } from 'selenium-webdriver'

export const BASE = process.env.BURDOCK_BASE ?? 'http://127.0.0.1:3000'
export const PATIENCE = 15000
/** Whether the journeys run in the other engine that phones have. */
export const IS_WEBKIT = process.env.BURDOCK_ENGINE === 'webkit'
const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8')

/**
 * Asks once more where the line was closed meanwhile: while a test reads a paper by another program it hears nothing, and a
 * server ends lines that nobody uses.
 */
export const anew = (ask: () => Promise<Response>): Promise<Response> => ask().catch(() => ask())

/** The hands and eyes of a test: finds things as a person does, by their names. */
export function desk(driver: WebDriver, downloads: string) {
  const find = (css: string): Promise<WebElement> =>
    Promise.resolve(driver.wait(until.elementLocated(By.css(css)), PATIENCE))
  /** What an element says. WebKit's driver leaves words out that stand in the page: there the page itself is asked. */
  const seen = (element: WebElement): Promise<string> =>
    IS_WEBKIT
      ? driver.executeScript<string>("return arguments[0].innerText.replaceAll('\\u00a0', ' ')", element)
      : element.getText()
  const byText = (tag: string, text: string): Promise<WebElement> =>
    Promise.resolve(
      driver.wait(
        until.elementLocated(By.xpath(`//${tag}[contains(normalize-space(.), ${JSON.stringify(text)})]`)),
        PATIENCE,
      ),
    )
  const press = async (css: string) => {
    await driver
      .actions()
      .move({ origin: await find(css) })
      .click()
      .perform()
  }
  const type = async (name: string, text: string) => {
    const el = await find(`input[name="${name}"]`)
    await el.click()
    await el.sendKeys(Key.chord(Key.CONTROL, 'a'), text, Key.TAB)
  }
  return {
    find,
    byText,
    press,
    type,
    seen,
    text: async (css: string) => seen(await find(css)),
    /** Opens the list of jobs and says where the job of that name is. */
    jobUrl: async (name: string): Promise<string> => {
      await driver.get(BASE)
      return String(await (await byText('article//a', name)).getAttribute('href')).split('?')[0]
    },
    /** What a field shows; the spaces inside its number do not break, and read as spaces. */
    value: async (name: string) =>
      String(await (await find(`input[name="${name}"]`)).getAttribute('value')).replaceAll('\u00a0', ' '),
    /** Serious findings of axe on what is on screen now. */
    faults: async (): Promise<string[]> => {
      await driver.executeScript(AXE)
      return driver.executeAsyncScript(
        'const done = arguments[arguments.length - 1]; axe.run(document, { resultTypes: ["violations"] }).then((r) => done(r.violations.filter((v) => ["serious", "critical"].includes(v.impact)).map((v) => `${v.id}: ${v.nodes.slice(0, 3).map((n) => n.target.join(" ")).join(" | ")}`)))',
      )
    },
    stage: async (name: string) => (await byText("button[contains(@class,'pole-stage')]", name)).click(),
    waitText: (css: string, has: RegExp) =>
      driver.wait(
        async () => {
          try {
            return has.test(await seen(await driver.findElement(By.css(css))))
          } catch {
            return false
          }
        },
        PATIENCE,
        `${css} never read ${has}`,
      ),
    saved: () =>
      driver.wait(
        async () => /^Saved/.test(await (await driver.findElement(By.css('.saved'))).getText()),
        PATIENCE,
        'never saved',
      ),
    keys: (...k: string[]) =>
      driver
        .actions()
        .sendKeys(...k)
        .perform(),
    hold: async (modifiers: readonly string[], key: string) => {
      let actions = driver.actions()
      for (const modifier of modifiers) actions = actions.keyDown(modifier)
      actions = actions.sendKeys(key)
      for (const modifier of modifiers) actions = actions.keyUp(modifier)
      await actions.perform()
    },
    file: async (suffix: string): Promise<Buffer> => {
      let name = ''
      await driver.wait(
        () => {
          name = readdirSync(downloads).find((text) => text.endsWith(suffix)) ?? ''
          return name !== ''
        },
        PATIENCE,
        `no ${suffix} was downloaded`,
      )
      return readFileSync(path.join(downloads, name))
    },
  }
}
