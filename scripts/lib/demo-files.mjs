// The demo's files, imported into a server that began empty, through the door of every file.
import { createRequire } from 'node:module'
import { ROOT } from './run.mjs'

/** @param url of a built server that is up */
export async function importDemoFiles(url) {
  const { demoDocuments } = createRequire(import.meta.url)(`${ROOT}/server/dist/demo/files.js`)
  const { today } = await (await fetch(`${url}/api/health`)).json()
  for (const document of demoDocuments(`${ROOT}/demo`, today)) {
    const answer = await fetch(`${url}/api/catalogue/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(document),
    })
    if (!answer.ok) throw new Error(`The demo's files were refused: ${await answer.text()}`)
  }
}
