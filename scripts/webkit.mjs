// npm run webkit : the journeys of the field and of the pocket in the other engine that phones have.
import { spawnSync } from 'node:child_process'
import { installPrograms } from './lib/install.mjs'

installPrograms({ WebKitWebDriver: 'webkit2gtk-driver', Xvfb: 'xvfb' })
const { status } = spawnSync(
  process.execPath,
  ['scripts/test.mjs', '--e2e', 'field.test', 'signal.test', 'reading.test', 'pocket.test'],
  {
    stdio: 'inherit',
    env: { ...process.env, BURDOCK_ENGINE: 'webkit' },
  },
)
process.exit(status ?? 1)
