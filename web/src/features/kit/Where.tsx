import type { Draft } from '../../api/types'
import { Field } from '../../ui/Field'

type Place = NonNullable<Draft['place']>
type Mounting = NonNullable<Draft['mounting']>

const PLACES: Record<Place, string> = {
  indoor: 'indoors',
  outdoor: 'outdoors',
  buried: 'in the ground',
  chamber: 'in a chamber, which may stand under water',
}

type WhereProps = {
  place: Place | null
  mounting: Mounting | null
  isTermination: boolean
  onPlace: ((place: Place | null) => void) | null
  onMounting: ((mounting: Mounting) => void) | null
}

/** Where the accessory will be, and which way up: some kits are for some places only. */
export function Where({ place, mounting, isTermination, onPlace, onMounting }: WhereProps) {
  return (
    <div className="grid gap-3">
      <Field label="Where it will be">
        {(input) => (
          <select
            {...input}
            disabled={onPlace === null}
            value={place ?? ''}
            onChange={(event) => onPlace?.(event.target.value === '' ? null : (event.target.value as Place))}
          >
            <option value="">not said yet</option>
            {Object.entries(PLACES).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        )}
      </Field>
      {isTermination && (
        <Field label="Which way up">
          {(input) => (
            <select
              {...input}
              disabled={onMounting === null}
              value={mounting ?? 'upright'}
              onChange={(event) => onMounting?.(event.target.value as Mounting)}
            >
              <option value="upright">upright</option>
              <option value="inverted">upside down</option>
            </select>
          )}
        </Field>
      )}
    </div>
  )
}
