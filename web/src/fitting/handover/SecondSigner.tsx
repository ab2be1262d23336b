import { SecretField } from '../../ui/SecretField.tsx'
import { SelectField } from '../../ui/SelectField.tsx'
import { colleaguesAsked } from '../../session/colleagues.ts'
import { useAnswer } from '../../session/queries.ts'
import { useRefusalSaid } from '../../ui/useRefusalSaid.ts'
import * as msg from './messages.en.ts'

interface Second {
  readonly personId: string
  readonly secret: string
}

/** A trainee's fitting is signed by two: the other one looks, and shows here who they are. */
export function SecondSigner({
  value,
  onChange,
}: {
  readonly value: Second
  readonly onChange: (next: Second) => void
}) {
  const { data: colleagues, error } = useAnswer(colleaguesAsked)
  useRefusalSaid(error)
  return (
    <fieldset className="grid w-full gap-3 border-l-2 border-line pl-3 sm:grid-cols-2">
      <legend className="text-sm font-bold">{msg.signsWithYouAfterLooking}</legend>
      <SelectField
        label={msg.aFitterOrALead}
        value={value.personId}
        placeholder={msg.choose}
        options={(colleagues ?? [])
          .filter((c) => c.role === 'fitter' || c.role === 'lead')
          .map((c) => ({ id: c.id, label: c.name }))}
        onChange={(personId) => onChange({ ...value, personId })}
      />
      <SecretField
        label={msg.theirPinOrPassword}
        value={value.secret}
        onChange={(secret) => onChange({ ...value, secret })}
        autoComplete="off"
      />
    </fieldset>
  )
}
