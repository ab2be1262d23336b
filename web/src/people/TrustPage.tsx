import { useEffect, useState } from 'react'
import { api } from '../session/api.ts'
import { saveFromServer } from '../ui/saveFile.ts'
import { Button } from '../ui/Button.tsx'
import * as msg from './messages.en.ts'

/** How a phone comes to trust the certificate that this bay has made for itself. */
export default function TrustPage() {
  const [fingerprint, setFingerprint] = useState<string | null>()
  useEffect(() => {
    document.title = msg.trustThisServerNimbleAnchor
    api.trust().then(
      (t) => setFingerprint(t.fingerprint),
      () => setFingerprint(null),
    )
  }, [])
  return (
    <main className="mx-auto max-w-2xl p-5">
      <h1 className="text-3xl font-bold">{msg.trustThisServer}</h1>
      {fingerprint === null && <p className="mt-3">{msg.thisServerHasMadeNo}</p>}
      {typeof fingerprint === 'string' && (
        <ol className="mt-3 list-decimal space-y-4 pl-6">
          <li>
            <p>{msg.compareThisWithWhatThe}</p>
            <p className="mt-1 border border-line bg-sheet p-2 font-mono text-sm break-all">{fingerprint}</p>
          </li>
          <li>
            <Button look="main" onClick={() => void saveFromServer('/api/trust/authority.crt', 'authority.crt')}>
              {msg.saveTheAuthoritysCertificate}
            </Button>
          </li>
          <li>{msg.installItInThePhones}</li>
          <li>{msg.openThisAddressAgainThe}</li>
          <li>{msg.whoeverHasThisBaysData}</li>
        </ol>
      )}
    </main>
  )
}
