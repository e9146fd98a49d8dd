import { useInfiniteQuery } from '@tanstack/react-query'
import { jobQueries } from '../../api/jobs'
import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { Choice, Draft, Job, Obstacle } from '../../api/types'
import { accessory } from '../../domain/words'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { ChoiceList } from '../../views/ChoiceList'
import { FitSummary } from '../../views/FitSummary'
import { useJob } from '../../views/useJob'
import { Asks } from './Asks'
import { KitBoxes } from './KitBoxes'
import { KitDate } from './KitDate'
import { Leaflet } from './Leaflet'
import { Pieces } from './Pieces'
import { Where } from './Where'
import { With } from './With'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'

/** What is asked with the box open: it comes first where the work waits for it. */
const AT_THE_BOX: Obstacle['code'][] = ['leaflet-unread', 'leaflet-other', 'material-short']

const AtTheBox = ({ job }: { job: Job }) => (
  <>
    <Leaflet job={job} />
    <Pieces job={job} />
  </>
)

export function Kit() {
  const job = useJob()
  const unit = useUnit()
  const draft = useDraft(job)
  const change = useChangePlan(job)
  const choices = useInfiniteQuery(jobQueries.kits(job.id, job.version))
  const mayPlan = useMay('plan') && !job.connectorFitted
  const isAsked = job.obstacles.some((one) => AT_THE_BOX.includes(one.code))
  const newer = choices.data?.pages
    .flatMap((page) => page.choices)
    .find(({ kit }) => kit && kit.id === job.kit?.id && kit.revision > job.kit.revision)?.kit
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 p-4 desk:grid-cols-[minmax(0,26rem)_minmax(0,1fr)] desk:p-6">
      <section className="grid content-start gap-3">
        <PageHeading name="Kit" of={job.name} />
        {isAsked && <AtTheBox job={job} />}
        <WhoMay right="plan" deed="chooses the kit" />
        <Where
          place={draft.place ?? null}
          mounting={draft.mounting ?? null}
          isTermination={job.function !== 'joint'}
          onPlace={mayPlan ? (place) => change((now) => ({ ...now, place })) : null}
          onMounting={mayPlan ? (mounting) => change((now) => ({ ...now, mounting })) : null}
        />
        <Asks
          asked={job.asked}
          said={draft.said ?? {}}
          onSay={mayPlan ? (key, value) => change((now) => ({ ...now, said: { ...now.said, [key]: value } })) : null}
        />
        {job.ends.length === 0 && (
          <Note tone="unproved">Choose and measure the cables first: a kit fits a diameter, not a name.</Note>
        )}
        {choices.isPending && <p role="status">Holding every kit size against the cables</p>}
        {choices.error && <p role="alert">{choices.error.message}</p>}
        {choices.data?.pages[0]?.total === 0 && <p>There is no kit sheet for a {accessory(job.function, unit)} yet.</p>}
        {newer && job.kit && (
          <Note tone="unproved" title={`Revision ${newer.revision} of this kit’s sheet is out.`}>
            This job keeps revision {job.kit.revision}, which it was planned with, until the kit is chosen again.
          </Note>
        )}
        <ChoiceList
          label="Kit sizes, the best first"
          pages={choices}
          isChosen={(choice) => isOf(choice, draft.kit)}
          title={(choice) => `${choice.kit?.name ?? ''}, size ${choice.kit?.size ?? ''}`}
          detail={(choice) =>
            `${choice.kit?.maker ?? ''} · ${choice.kit?.technology.replace('-', ' ') ?? ''} · revision ${choice.kit?.revision ?? ''}`
          }
          onChoose={mayPlan ? (choice) => change((now) => ({ ...now, kit: pinned(choice) })) : null}
          below={(choice) => (
            <With
              choice={choice}
              word={job.function === 'joint' ? 'connector' : 'lug'}
              isChosen={isOf(choice, draft.kit)}
              isTaken={isOf(choice, draft.kit) && choice.with?.connector.id === draft.connector?.id}
              onTake={
                mayPlan
                  ? ({ id, revision }) => change((now) => ({ ...now, kit: pinned(choice), connector: { id, revision } }))
                  : null
              }
            />
          )}
        />
        <KitBoxes job={job} />
        <KitDate job={job} />
        {!isAsked && <AtTheBox job={job} />}
      </section>
      <FitSummary
        title={job.kit ? `${job.kit.name}, size ${job.kit.size}` : null}
        empty="Choose a kit size to see, criterion by criterion, whether it fits."
        report={job.fit.kit}
        next={{ to: `/jobs/${job.id}/connector`, label: job.function === 'joint' ? 'On to the connector' : 'On to the lug' }}
      />
    </div>
  )
}

/** A job pins the size and the revision of its sheet. */
const pinned = ({ kit }: Choice): NonNullable<Draft['kit']> | null =>
  kit && { id: kit.id, revision: kit.revision, size: kit.size }

const isOf = ({ kit }: Choice, chosen: Draft['kit']): boolean =>
  kit?.id === chosen?.id && kit?.revision === chosen?.revision && kit?.size === chosen?.size
