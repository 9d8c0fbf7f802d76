import { Secret, TOTP } from 'otpauth'
import { expectAccessible, enter, expect, pressEntry, test, unique } from './testing/lot'

const PASSWORD = 'lantern copper meadow whistle'

test('somebody is invited, chooses a password by the link, sets up a code and signs in by it', async ({
  page,
  browser,
}) => {
  const name = unique('Runa')
  const email = `${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}@pinewater-trailers.example`
  await enter(page, 'manager')
  await page.goto('/office')
  const invite = page.getByRole('form', { name: 'Invite somebody' })
  await invite.getByLabel('Name of who is invited').fill(name)
  await invite.getByLabel('Their email').fill(email)
  await invite.getByLabel('Their role').selectOption('lot hand')
  await invite.getByRole('button', { name: 'Invite' }).click()
  await expect(invite.getByText('Kept in the outbox')).toBeVisible()
  await expect(page.getByText(`invited ${name}`)).toBeVisible()
  await expectAccessible(page)
  await page.goto('/outbox')
  const link = /\/welcome\/[\w-]{43}/.exec(
    (await page.getByText(`${name},`, { exact: false }).first().textContent())!,
  )![0]

  const theirs = await (await browser.newContext()).newPage()
  await theirs.goto(link)
  await expect(theirs.getByRole('heading', { name: `Welcome, ${name}` })).toBeVisible()
  await expectAccessible(theirs)
  await theirs.getByLabel('Password').fill('password1234')
  await theirs.getByRole('button', { name: 'Take it' }).click()
  await expect(theirs.getByText('is too easy to guess')).toBeVisible()
  await theirs.getByLabel('Password').fill(PASSWORD)
  await theirs.getByRole('button', { name: 'Take it' }).click()
  await theirs.getByRole('link', { name: 'Sign in' }).click()
  await theirs.getByLabel('Email').fill(email)
  await theirs.getByLabel('Password').fill(PASSWORD)
  await theirs.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(theirs).toHaveURL(/\/yard$/)

  await theirs.getByRole('button', { name: /settings and sign out/ }).click()
  await pressEntry(theirs, 'Password and sign-in')
  await theirs.getByRole('button', { name: 'Set it up' }).click()
  await expect(theirs.getByRole('img', { name: 'The picture to scan' })).toBeVisible()
  const typed = (await theirs.locator('.figure').first().textContent())!.replaceAll(' ', '')
  const code = (later = 0) => new TOTP({ secret: Secret.fromBase32(typed) }).generate({ timestamp: Date.now() + later })
  await theirs.getByLabel('Its code').fill(code())
  await theirs.getByRole('button', { name: 'Turn it on' }).click()
  await expect(theirs.getByText('On. Signing in as you takes your password and a code')).toBeVisible()
  await expectAccessible(theirs)
  await theirs.context().close()

  const again = await (await browser.newContext()).newPage()
  await again.goto('/sign-in')
  await again.getByLabel('Email').fill(email)
  await again.getByLabel('Password').fill(PASSWORD)
  await again.getByRole('button', { name: 'Sign in', exact: true }).click()
  // The next one: that which turned it on lets nobody in.
  await again.getByLabel('Code from the app on your phone').fill(code(30_000))
  await again.getByRole('button', { name: 'Sign in', exact: true }).click()
  await expect(again).toHaveURL(/\/yard$/)
  await again.goto(link)
  await expect(again.getByRole('heading', { name: 'This link does not work any more' })).toBeVisible()
  await again.context().close()

  await page.goto('/office')
  const row = page.getByRole('group', { name: new RegExp(name) })
  await row.getByLabel(`Role of ${name}`).selectOption('consultant')
  await expect(page.getByText(`changed the role of ${name}: lot hand to consultant`)).toBeVisible()
})
