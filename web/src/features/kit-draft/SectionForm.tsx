import { Fields } from '../../views/form/Fields'
import { useForm } from '../../views/form/FormContext'
import type { Place } from './SectionNav'
import { editionOf } from './sections'
import { SizeTable } from './SizeTable'

/** One section of the leaflet. */
export function SectionForm({ place }: { place: Place }) {
  const { json } = useForm()
  const section = editionOf(json).sections.find((one) => one.key === place)
  if (!section) return null
  return (
    <section aria-label={section.title} className="grid content-start gap-4">
      <h2 className="text-lead font-semibold">{section.title}</h2>
      {place === 'sizes' && <SizeTable />}
      <Fields fields={section.fields.filter((field) => field.key !== 'sizes')} path={[]} />
    </section>
  )
}
