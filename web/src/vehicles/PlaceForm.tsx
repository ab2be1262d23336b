import { memo } from 'react'
import { useFormContext, useWatch, type FieldValues } from 'react-hook-form'
import { Fields } from '../form/fields.tsx'
import { Part, Rows } from '../form/parts.tsx'
import { ListedModels } from './ListedModels.tsx'
import {
  GROUPS,
  ISOFIX_LETTERS,
  LETTERS,
  LOWER_TETHER_FIELDS,
  PLACE_FIELDS,
  PLACE_PARTS,
  ROOM_FIELDS,
  TRACK_PART,
  besideFields,
  sharedFields,
} from './specs.ts'
import { SelectBox } from '../ui/SelectBox.tsx'
import * as msg from './messages.en.ts'

/** The handbook's row of letters for one place, one key a letter: the arrows go along it. */
function Letters({ base }: { readonly base: string }) {
  const { setValue } = useFormContext<FieldValues>()
  const name = `${base}.handbook.beltGroups`
  // Kept whole: to the form library a group called 0 would be the first of a list.
  const letters = (useWatch({ name }) as Record<string, string> | undefined) ?? {}
  return (
    <table className="mb-3 border-collapse">
      <caption className="mb-1 text-left text-sm font-bold">{msg.beltInstalledGroupsAsIn}</caption>
      <thead>
        <tr>
          {GROUPS.map((g) => (
            <th key={g} scope="col" className="border border-line px-2 py-1 text-sm">
              {g}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        <tr>
          {GROUPS.map((g) => (
            <td key={g} className="border border-line p-0">
              <SelectBox
                label={msg.group(g)}
                className="border-transparent!"
                value={letters[g] ?? ''}
                options={[{ id: '', label: '?' }, ...LETTERS.map((letter) => ({ id: letter, label: letter }))]}
                onChange={(letter) => setValue(name, { ...letters, [g]: letter }, { shouldDirty: true })}
              />
            </td>
          ))}
        </tr>
      </tbody>
    </table>
  )
}

interface Props {
  readonly base: string
  /** The other places of the car, by id and name. */
  readonly others: readonly (readonly [id: string, label: string])[]
}

/** Everything of one seating position; a part that is not ticked has not been looked at. */
export const PlaceForm = memo(function PlaceForm({ base, others }: Props) {
  const isDriver = (useWatch({ name: `${base}.isDriverSeat` }) as boolean | undefined) === true
  return (
    <div>
      <Fields specs={PLACE_FIELDS} base={base} columns={2} />
      {!isDriver && (
        <>
          <div className="mt-4">
            <Letters base={base} />
            <Fields specs={ISOFIX_LETTERS} base={base} columns={2} />
            <ListedModels base={base} />
          </div>
          <div className="mt-3 flex flex-col gap-1">
            {PLACE_PARTS.map((part) => (
              <Part key={part.key} spec={part} base={base} />
            ))}
          </div>
          <div className="mt-3">
            <Part spec={TRACK_PART} base={base} />
            <Fields specs={ROOM_FIELDS} base={base} columns={2} />
            <Rows
              title={msg.pointsForLowerTethers}
              name={`${base}.lowerTetherPoints`}
              specs={LOWER_TETHER_FIELDS}
              fresh={() => ({})}
              add={msg.addAPoint}
              canBeNone
            />
            <Fields specs={besideFields(others)} base={base} columns={2} />
            <Rows
              title={msg.sharedWithAnotherPlace}
              name={`${base}.sharedWith`}
              specs={sharedFields(others)}
              fresh={() => ({})}
              add={msg.addWhatIsShared}
              canBeNone
            />
          </div>
        </>
      )}
    </div>
  )
})
