import { By, until, type WebDriver } from 'selenium-webdriver'
import { openBrowser } from '../scripts/lib/browser.mjs'
import { freshSite } from '../scripts/lib/site.mjs'
import { desk, PATIENCE } from './testing/desk'

// An office of its own, from the first account to a phone that is lost.
let site: Awaited<ReturnType<typeof freshSite>>
const browsers: WebDriver[] = []
const opened = async (size?: { width: number; height: number }) => {
  const { driver, downloads } = await openBrowser(size)
  browsers.push(driver)
  return { driver, at: desk(driver, downloads) }
}
let owner: Awaited<ReturnType<typeof opened>>
let phone: Awaited<ReturnType<typeof opened>>
beforeAll(async () => {
  site = await freshSite()
  owner = await opened()
  phone = await opened({ width: 412, height: 892 })
}, 240_000)
afterAll(async () => {
  for (const driver of browsers) await driver.quit()
  await site.stop()
})

type On = Awaited<ReturnType<typeof opened>>
const fill = async ({ at }: On, id: string, text: string) => {
  const field = await at.find(`#${id}`)
  await field.clear()
  await field.sendKeys(text)
}
const press = async ({ at }: On, text: string) => (await at.byText('button', text)).click()
const page = (to: string) => `${site.base}${to}`
const signIn = async (on: On, name: string, secret: string) => {
  await on.driver.get(page('/sign-in'))
  await fill(on, 'entry-name', name)
  await fill(on, 'entry-secret', secret)
  await press(on, 'Sign in')
}

test('the owner’s account is made in the page of people; a secret that is too short is said under its field', async () => {
  await owner.driver.get(page('/'))
  await (await owner.driver.wait(until.elementLocated(By.linkText('People')), PATIENCE)).click()
  await fill(owner, 'entry-name', 'Juniper')
  await fill(owner, 'entry-secret', 'short')
  await press(owner, 'Make the account')
  await owner.at.waitText('#entry-secret-note', /10 letters at least/)
  await fill(owner, 'entry-secret', 'three blue gates')
  await press(owner, 'Make the account')
  await owner.at.waitText('.yard', /Sign out/)
})

let code = ''
test('an invitation is a code, shown once; the phone takes it, chooses a number, and opens the field pages', async () => {
  await owner.driver.get(page('/people'))
  await fill(owner, 'invite-name', 'Wren')
  await press(owner, 'Make an invitation')
  await owner.at.waitText('.move', /For Wren/)
  code = (await (await owner.at.find('.move .big')).getText()).replaceAll(' ', '')
  await fill(owner, 'invite-name', 'Tansy')
  await press(owner, 'Make an invitation')
  await owner.at.waitText('[aria-label="Invited"]', /Wren\s+crew[\s\S]*Tansy\s+crew/)
  await (await owner.at.find('[aria-label="Take back the invitation of Tansy"]')).click()
  await owner.at.waitText('[aria-label="What happened"]', /invitation taken back: Tansy/)
  await owner.at.waitText('[aria-label="Invited"]', /^(?![\s\S]*Tansy)[\s\S]*Wren/)
  await phone.driver.get(page('/field'))
  await phone.at.waitText('.entry', /Sign in/)
  await phone.driver.get(page('/join'))
  await fill(phone, 'entry-code', code.toLowerCase())
  await press(phone, 'Go on')
  await phone.at.waitText('.entry', /Welcome, Wren[\s\S]*crew/)
  await fill(phone, 'entry-secret', '111111')
  await press(phone, 'Come in')
  await phone.at.waitText('#entry-secret-note', /first number anybody tries/)
  await fill(phone, 'entry-secret', '493817')
  await fill(phone, 'entry-label', 'the green phone')
  await press(phone, 'Come in')
  await phone.at.waitText('.fmain', /Signed in as Wren/)
  await (await phone.driver.findElement(By.partialLinkText('Quillback'))).click()
  await phone.at.waitText('.fmain', /Written as Wren/)
  // The office knows it by the name that its people gave it.
  const job = new URL(await phone.driver.getCurrentUrl()).pathname.split('/')[2]
  await owner.driver.get(page(`/jobs/${job}?stage=posts&view=setups`))
  await owner.at.waitText('[aria-label="Phones on site"]', /Wren\s+the green phone/)
  await owner.driver.get(page('/people'))
})

test('the desk is not the crew’s: they are led to where their work begins', async () => {
  await phone.driver.get(page('/people'))
  await phone.at.waitText('.fmain', /Signed in as Wren/)
  expect(new URL(await phone.driver.getCurrentUrl()).pathname).toBe('/field')
})

test('a used invitation says so; signed out, a known phone takes name and number', async () => {
  await press(phone, 'Sign out')
  await phone.at.waitText('.entry', /Sign in/)
  await phone.driver.get(page(`/join/${code}`))
  await phone.at.waitText('.entry', /has been used or is too old/)
  await signIn(phone, 'Wren', '493818')
  await phone.at.waitText('.entry', /do not belong together/)
  await signIn(phone, 'Wren', '493817')
  await phone.at.waitText('.fmain', /Signed in as Wren/)
})

test('a lost phone is out; what it wrote is kept there, and it says that it is signed out', async () => {
  await (await phone.driver.findElement(By.partialLinkText('Quillback'))).click()
  await phone.at.waitText('.fhead', /Sent/)
  await owner.driver.get(page('/people'))
  await owner.at.waitText('.people', /the green phone/)
  const lost = "//div[contains(., 'the green phone')]/button[contains(., 'forget it')]"
  await (await owner.driver.findElement(By.xpath(lost))).click()
  await owner.at.waitText('.people', /device revoked/)
  await phone.at.waitText('.fhead', /Signed out/)
  // The page is kept on the phone and opens all the same; what is entered there waits.
  await phone.driver.navigate().refresh()
  await phone.at.waitText('.fmain', /This phone is signed out/)
  await (await phone.driver.findElement(By.css('.plist button'))).click()
  await press(phone, 'Now')
  await phone.at.waitText('.fhead', /Signed out\s*1 kept here/)
  await (await phone.at.find('.fhead .back')).click()
  // A tap that follows at once is the same tap of a stiff glove.
  await phone.driver.sleep(420)
  await press(phone, 'Leave it with the office')
  await phone.at.waitText('.fmain', /Left with the office/)
  await owner.driver.get(page('/'))
  await (await owner.driver.findElement(By.xpath("//article[.//h2[contains(., 'Quillback')]]//a"))).click()
  await owner.at.find('.desk')
  await owner.driver.get(`${(await owner.driver.getCurrentUrl()).split('?')[0]}?stage=posts&view=setups`)
  await owner.at.waitText('.scroll', /1 entry left by Wren/)
  await press(owner, 'Refuse them')
  await owner.driver.wait(async () => !/left by Wren/.test(await owner.at.text('.scroll')), PATIENCE)
  await (await phone.driver.findElement(By.linkText('Sign in'))).click()
  await phone.at.waitText('.entry', /Sign in/)
})

test('the pages of people have names for everything, and enough contrast', async () => {
  await owner.driver.get(page('/people'))
  await owner.at.waitText('.people', /What happened/)
  expect(await owner.at.faults()).toEqual([])
  await phone.driver.get(page('/sign-in'))
  await phone.at.waitText('.entry', /Sign in/)
  expect(await phone.at.faults()).toEqual([])
})
