import { useEffect, useState } from 'react'
import { api } from '../session/api.ts'
import { saveFromServer } from '../ui/saveFile.ts'
import { Button } from '../ui/Button.tsx'

/** How a phone comes to trust the certificate that this bay has made for itself. */
export default function TrustPage() {
  const [fingerprint, setFingerprint] = useState<string | null>()
  useEffect(() => {
    document.title = 'Trust this server · Nimble Anchor'
    api.trust().then(
      (t) => setFingerprint(t.fingerprint),
      () => setFingerprint(null),
    )
  }, [])
  return (
    <main className="mx-auto max-w-2xl p-5">
      <h1 className="text-3xl font-bold">Trust this server</h1>
      {fingerprint === null && <p className="mt-3">This server has made no certificate of its own.</p>}
      {typeof fingerprint === 'string' && (
        <ol className="mt-3 list-decimal space-y-4 pl-6">
          <li>
            <p>
              Compare this with what the machine in the hut wrote when it was started. Only if both are the same, go on.
            </p>
            <p className="mt-1 border border-line bg-sheet p-2 font-mono text-sm break-all">{fingerprint}</p>
          </li>
          <li>
            <Button look="main" onClick={() => void saveFromServer('/api/trust/authority.crt', 'authority.crt')}>
              Save the authority’s certificate
            </Button>
          </li>
          <li>
            Install it in the phone’s settings, under security and certificates, as an authority for websites. Some
            phones ask a second time, under trusted certificates, whether it may speak for websites: say yes there too.
          </li>
          <li>Open this address again: the warning is gone. If it is not, the certificate is not trusted yet.</li>
          <li>
            Whoever has this bay’s data folder could make certificates that this phone believes. Take the authority out
            of a phone that leaves the bay.
          </li>
        </ol>
      )}
    </main>
  )
}
