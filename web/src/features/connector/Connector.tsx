import { useInfiniteQuery, useQuery } from '@tanstack/react-query'
import { isAmong } from '../../api/checks'
import { jobQueries } from '../../api/jobs'
import { peopleQueries } from '../../api/people'
import { useChangePlan, useDraft } from '../../api/plan'
import { useMay } from '../../api/session'
import type { Choice } from '../../api/types'
import { sayFine, type Unit } from '../../domain/length'
import { say } from '../../domain/sentence'
import { Note } from '../../ui/Note'
import { useUnit } from '../../ui/UnitContext'
import { ChoiceList } from '../../views/ChoiceList'
import { FitSummary } from '../../views/FitSummary'
import { useJob } from '../../views/useJob'
import { Tools } from './Tools'
import { NotChecked } from '../../views/NotChecked'
import { inMm, OnTheBench } from '../../views/OnTheBench'
import { PageHeading } from '../../views/PageHeading'
import { WhoMay } from '../../views/WhoMay'

function detail({ connector }: Choice, unit: Unit): string {
  if (!connector) return ''
  const depth =
    connector.kind === 'lug'
      ? `bore ${sayFine(connector.barrels[0]?.depthMm ?? 0, unit)} deep`
      : `${sayFine(connector.lengthMm, unit)} long`
  return [
    connector.maker,
    connector.fixing.replace('-', ' '),
    connector.barrels.map((barrel) => barrel.materials.join(' and ')).join(', other side '),
    depth,
  ].join(' · ')
}

export function Connector() {
  const job = useJob()
  const unit = useUnit()
  const draft = useDraft(job)
  const change = useChangePlan(job)
  const choices = useInfiniteQuery(jobQueries.connectors(job.id, job.version))
  const mayPlan = useMay('plan') && !job.connectorFitted
  const unchecked = useQuery(peopleQueries.crew(job.id)).data?.uncheckedConnectors
  const name = job.function === 'joint' ? 'Connector' : 'Lug'
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-6 p-4 desk:grid-cols-[minmax(0,26rem)_minmax(0,1fr)] desk:p-6">
      <section className="grid content-start gap-3">
        <PageHeading name={name} of={job.name} />
        <WhoMay right="plan" deed={`chooses the ${name.toLowerCase()}`} />
        {choices.isPending && <p role="status">Holding every {name.toLowerCase()} against the conductors</p>}
        {choices.error && <p role="alert">{choices.error.message}</p>}
        <ChoiceList
          label={`${name}s, the best first`}
          pages={choices}
          isChosen={(choice) =>
            choice.connector?.id === draft.connector?.id && choice.connector?.revision === draft.connector?.revision
          }
          title={(choice) => choice.connector?.name ?? ''}
          detail={(choice) => detail(choice, unit)}
          onChoose={
            mayPlan
              ? ({ connector }) =>
                  connector && change((now) => ({ ...now, connector: { id: connector.id, revision: connector.revision } }))
              : null
          }
        />
      </section>
      <FitSummary
        title={job.connector?.name ?? null}
        empty={`Choose a ${name.toLowerCase()} to see whether it takes the conductors, and the kit takes it.`}
        report={job.fit.connector}
        next={{ to: `/jobs/${job.id}/mark-out`, label: 'On to marking out' }}
      >
        {job.connector && isAmong(unchecked, job.connector) && <NotChecked kind="connectors" sheet={job.connector} />}
        {job.connector && (
          <Note title="How it is fixed">
            {job.connector.method}
            {job.connector.details.map((sentence, index) => (
              <p key={index}>{say(sentence, unit)}</p>
            ))}
          </Note>
        )}
        {job.connector && (
          <OnTheBench
            tool="strip"
            name="strip length"
            given={{
              kind: job.function === 'joint' ? 'joint' : 'lug',
              depth: inMm(job.connector.barrels[0]?.depthMm),
            }}
          />
        )}
        <Tools job={job} />
      </FitSummary>
    </div>
  )
}
