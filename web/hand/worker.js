/*
 * The engine in the hand: Berm's own PHP, run by PHP compiled for the browser.
 * This folder is free software under the GNU General Public License, version 2 or later (LICENSE), as the runtime is that it imports (NOTICE.md).
 * Nothing else of Berm imports it: the page and this worker talk by messages only, a text in and a text out, in that order.
 */
import { PHP, loadPHPRuntime } from '@php-wasm/universal'
import { getPHPLoaderModule } from '@php-wasm/web-8-2'
import archive from './archive.json?url'

const asked = []
let wake = null

/** @returns {Promise<string>} the next message, as soon as there is one */
async function nextMessage() {
  while (asked.length === 0) await new Promise((resolve) => (wake = resolve))
  return asked.shift()
}

self.onmessage = ({ data }) => {
  asked.push(data)
  wake?.()
}

async function filled(php) {
  const answer = await fetch(archive)
  if (!answer.ok) throw new Error('the rules are not there')
  for (const [path, text] of Object.entries(await answer.json())) {
    php.mkdirTree(`/berm/${path.split('/').slice(0, -1).join('/')}`)
    php.writeFile(`/berm/${path}`, text)
  }
}

async function serve() {
  const php = new PHP(await loadPHPRuntime(await getPHPLoaderModule(), { processId: 1 }))
  await filled(php)
  php.onMessage((said) => {
    self.postMessage(said === '' ? { ready: true } : { said })
    return nextMessage()
  })
  const { errors } = await php.run({ scriptPath: '/berm/bin/hand.php' })
  throw new Error(errors || 'it ended')
}

serve().catch((error) => self.postMessage({ broken: String(error?.message ?? error).slice(0, 500) }))
