import type { SheetQuestion } from '../../api/types'
import { pathOf } from '../../domain/json'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { useUnit } from '../../ui/UnitContext'
import { Chips, Entry, optionsOf } from '../../views/form/Entry'
import { useForm } from '../../views/form/FormContext'
import { editionOf } from './sections'

/** One question with the entry that answers it; what a leaflet need not say can be left out. */
export function QuestionEntry({ question, isAnswered }: { question: SheetQuestion; isAnswered: boolean }) {
  const { json, change } = useForm()
  const unit = useUnit()
  const path = pathOf(question.path)
  const field = editionOf(json).form.fieldAt(path)
  const ask = say(question.ask, unit)
  if (!field || field.shape.kind === 'list' || field.shape.kind === 'group' || field.shape.kind === 'map')
    return <p className="text-label">{ask}</p>
  return (
    <div data-path={question.path} className="grid grid-cols-[minmax(0,1fr)_4.5rem] items-start gap-2">
      {field.shape.kind === 'choices' ? (
        <Chips title={ask} path={path} options={optionsOf(field.shape)} isNeeded />
      ) : (
        <Entry field={{ ...field, hint: '', isRequired: true }} path={path} label={ask} isBeside />
      )}
      <span className="text-label">
        {isAnswered ? (
          <span className="inline-flex min-h-11 items-center text-inside">said</span>
        ) : (
          change &&
          !field.isRequired && (
            <Button kind="link" aria-label={`Not said: ${ask}`} className="text-label" onClick={() => change(path, undefined)}>
              not said
            </Button>
          )
        )}
      </span>
    </div>
  )
}
