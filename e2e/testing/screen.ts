import type { WebDriver } from 'selenium-webdriver'
import { IS_WEBKIT, PATIENCE } from './desk'

/** What only Chromium's own tools can bring about. */
export const withTools = IS_WEBKIT ? test.skip : test

interface Tools {
  sendDevToolsCommand(command: string, given: object): Promise<void>
  sendAndGetDevToolsCommand<T>(command: string, given: object): Promise<T>
}
/** Chromium's own tools. */
export const toolsOf = (driver: WebDriver): Tools => driver as unknown as Tools

const pageSize = (driver: WebDriver) => driver.executeScript<[number, number]>('return [innerWidth, innerHeight]')

/** A window has a bar above its page: it is made larger by as much. The page follows its window a moment later. */
async function resizeWindow(driver: WebDriver, width: number, height: number): Promise<void> {
  const window = driver.manage().window()
  const bar = async () => (await window.getRect()).height - (await pageSize(driver))[1]
  await window.setRect({ x: 0, y: 0, width, height })
  await driver.wait(
    async () => {
      const [w, h] = await pageSize(driver)
      if (w === width && h === height) return true
      await window.setRect({ x: 0, y: 0, width, height: height + Math.max(0, await bar()) })
      return false
    },
    PATIENCE,
    `no page of ${width} by ${height}`,
  )
}

/** Gives the page a size, under a finger or a mouse. WebKit here has no finger. */
export async function resize(driver: WebDriver, width: number, height: number, byFinger = false): Promise<void> {
  if (IS_WEBKIT) return resizeWindow(driver, width, height)
  const given = { width, height, deviceScaleFactor: 1, mobile: false }
  await toolsOf(driver).sendDevToolsCommand('Emulation.setDeviceMetricsOverride', given)
  await toolsOf(driver).sendDevToolsCommand('Emulation.setTouchEmulationEnabled', {
    enabled: byFinger,
    maxTouchPoints: 1,
  })
}
