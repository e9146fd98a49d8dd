import { useState } from 'react'
import type { SheetQuestion } from '../../api/types'
import { at, pathOf } from '../../domain/json'
import { say } from '../../domain/sentence'
import { Button } from '../../ui/Button'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { useForm } from '../../views/form/FormContext'
import { questionsIn } from './questions'
import { QuestionEntry } from './QuestionEntry'
import { QuestionOffer } from './QuestionOffer'
import type { Place } from './SectionNav'
import { editionOf } from './sections'

/**
 * What the sheet does not say yet, as questions in the leaflet's order, each with its entry. What is answered stays where it is until
 * this is opened anew, so that nothing moves beneath a hand that types.
 */
export function ToSay({ questions, onPlace }: { questions: SheetQuestion[]; onPlace: (place: Place) => void }) {
  const { json } = useForm()
  const [asked, setAsked] = useState(questions)
  const open = new Set(questions.map(keyOf))
  const stays = asked.filter((one) => !open.has(keyOf(one)) && one.offer === null && at(json, pathOf(one.path)) !== undefined)
  const sections = editionOf(json).sections
  return (
    <section aria-label="To say" className="grid content-start gap-4">
      <div className="grid gap-1">
        <h2 className="text-lead font-semibold">{questions.length === 0 ? 'All is said' : `${questions.length} to say`}</h2>
        <p className="text-label text-mute">
          A formula keeps its names: only “…” is to be replaced by the leaflet’s figure. Tolerances of a hand, minutes and words
          are as the trade has them: read each against the leaflet.
        </p>
      </div>
      {questions.length === 0 && (
        <Note tone="inside" title="The first size is written.">
          <span className="flex flex-wrap gap-4">
            <Button kind="link" onClick={() => onPlace('sizes')}>
              Its other sizes
            </Button>
            <span className="inline-flex min-h-12 items-center">then “Proof”, beside.</span>
          </span>
        </Note>
      )}
      {sections.map((section) => {
        const shown = questionsIn(section, inOrder([...stays, ...questions]))
        return shown.length === 0 ? null : (
          <section key={section.key} aria-label={section.title} className="grid gap-2 border-t-2 border-ink pt-2">
            <h3 className="font-semibold">{section.title}</h3>
            <List questions={shown} isOpen={(one) => open.has(keyOf(one))} onMoved={() => setAsked([])} />
          </section>
        )
      })}
    </section>
  )
}

const keyOf = (question: SheetQuestion): string => `${question.path} ${question.offer?.name ?? question.about.template}`

/** As they stand in the sheet. */
const inOrder = (questions: SheetQuestion[]): SheetQuestion[] =>
  questions.toSorted((one, other) => compare(pathOf(one.path), pathOf(other.path)))

function compare(one: readonly (string | number)[], other: readonly (string | number)[]): number {
  for (const [i, step] of one.entries()) {
    const than = other[i]
    if (than === undefined) return 1
    if (typeof step === 'number' && typeof than === 'number' && step !== than) return step - than
    // Fields of one entry stay in the order in which they are asked.
    if (step !== than) return 0
  }
  return 0
}

type ListProps = { questions: SheetQuestion[]; isOpen: (question: SheetQuestion) => boolean; onMoved: () => void }

/** Under the name of what they are about, said once. */
function List({ questions, isOpen, onMoved }: ListProps) {
  const unit = useUnit()
  const abouts = questions.map((one) => say(one.about, unit))
  return questions.map((one, place) => (
    <div key={keyOf(one)} className="grid gap-1">
      {abouts[place] !== abouts[place - 1] && <h4 className="pt-1 text-label font-semibold">{abouts[place]}</h4>}
      {one.offer ? (
        <QuestionOffer question={one} onMoved={onMoved} />
      ) : (
        <QuestionEntry question={one} isAnswered={!isOpen(one)} />
      )}
    </div>
  ))
}
