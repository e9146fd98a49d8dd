import type { SheetQuestion } from '../../api/types'
import { at, isObject, pathOf, type JsonObject } from '../../domain/json'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { useForm } from '../../views/form/FormContext'

/** What accessories of its kind have and this sheet has not: it is put in, or the sheet does without. */
export function QuestionOffer({ question, onMoved }: { question: SheetQuestion; onMoved: () => void }) {
  const { json, change } = useForm()
  const unit = useUnit()
  const { offer } = question
  if (!offer) return null
  const path = pathOf(question.path)
  const there = at(json, path)
  const list = Array.isArray(there) ? there : []
  const begun = isObject(json['begun']) ? json['begun'] : {}
  const without = at(begun, ['without'])
  return (
    <div className="flex flex-wrap items-center gap-3">
      <p className="grow text-label">{say(question.ask, unit)}</p>
      {change && (
        <>
          <Button
            onClick={() => {
              onMoved()
              change(path, list.toSpliced(offer.at, 0, offer.entry as JsonObject))
            }}
          >
            Put it in
          </Button>
          <Button onClick={() => change(['begun', 'without'], [...(Array.isArray(without) ? without : []), offer.name])}>
            It has none
          </Button>
        </>
      )}
    </div>
  )
}
