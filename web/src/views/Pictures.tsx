import { useState } from 'react'
import { useWrite } from '../api/outbox'
import { pictureDataUrl, pictureUrl, sendPicture } from '../api/pictures'
import { useMay } from '../api/session'
import type { Job } from '../api/types'
import { Button } from '../ui/Button'
import { Field } from '../ui/Field'
import { Modal } from '../ui/Modal'
import { Note } from '../ui/Note'
import { asDataUrl, NoPicture, shrink } from './shrink'
import { sayMoment } from '../domain/moment'

/** The pictures of a stage, or of the job as a whole where there is none, and the way to add one. */
export function Pictures({ job, stage }: { job: Job; stage: string | null }) {
  const mayAdd = useMay('write-note')
  const pictures = job.pictures.filter((one) => one.stage === (stage ?? ''))
  return (
    <div className="no-print grid gap-2">
      <Shown job={job} pictures={pictures} />
      {mayAdd && <NewPicture job={job} stage={stage} />}
    </div>
  )
}

/** Each opens whole where it is touched, with signal or without. */
export function Shown({ job, pictures }: { job: Job; pictures: Job['pictures'] }) {
  const [whole, setWhole] = useState<Job['pictures'][number] | null>(null)
  if (pictures.length === 0) return null
  return (
    <ul aria-label="Pictures" className="flex flex-wrap gap-3">
      {pictures.map((picture) => (
        <li key={picture.entry} className="grid w-40 content-start gap-1 text-label">
          <button type="button" className="block border border-ink" onClick={() => setWhole(picture)}>
            <Picture
              url={pictureUrl(job.id, picture.hash)}
              hash={picture.hash}
              alt={named(picture)}
              className="aspect-4/3 object-cover"
            />
          </button>
          <span>
            {picture.caption} <span className="text-mute">{picture.by}</span>
          </span>
        </li>
      ))}
      {whole && (
        <Modal title={named(whole)} open onClose={() => setWhole(null)}>
          <Picture
            url={pictureUrl(job.id, whole.hash)}
            hash={whole.hash}
            alt={`${named(whole)}, whole`}
            className="max-h-[70dvh] object-contain"
          />
          <p className="flex flex-wrap items-center justify-between gap-x-5 pt-3">
            <span className="text-label text-mute">
              {whole.by}, {sayMoment(whole.at)}
            </span>
            <Button onClick={() => setWhole(null)}>Close</Button>
          </p>
        </Modal>
      )}
    </ul>
  )
}

const named = ({ caption, by }: Job['pictures'][number]): string => (caption === '' ? `Picture by ${by}` : caption)

type PictureProps = { url: string; hash: string; alt: string; className: string }

/** From the server, or where it does not answer as it lies on this device. */
function Picture({ url, hash, alt, className }: PictureProps) {
  const [src, setSrc] = useState(url)
  const lookHere = () => void pictureDataUrl(hash).then((here) => here && setSrc(here))
  return <img src={src} alt={alt} loading="lazy" className={`w-full ${className}`} onError={src === url ? lookHere : undefined} />
}

type Taken = { blob: Blob; url: string }

function NewPicture({ job, stage }: { job: Job; stage: string | null }) {
  const [taken, setTaken] = useState<Taken | null>(null)
  const [fault, setFault] = useState<string | undefined>()
  const take = async (file: File | undefined) => {
    if (!file) return
    setFault(undefined)
    try {
      const blob = await shrink(file)
      setTaken({ blob, url: await asDataUrl(blob) })
    } catch (error) {
      setTaken(null)
      setFault(error instanceof NoPicture ? error.message : 'It could not be read: take it again.')
    }
  }
  return (
    <details open={taken !== null || undefined}>
      <summary className="min-h-11 text-plan underline underline-offset-4">Add a picture</summary>
      <div className="grid gap-2">
        <Field label="Picture" hint="It is made smaller here, and loses what the camera says of the place." fault={fault}>
          {(input) => (
            <input
              {...input}
              type="file"
              accept="image/*"
              capture="environment"
              className={`${input.className} py-2`}
              onChange={({ target }) => void take(target.files?.[0])}
            />
          )}
        </Field>
        {taken && <Keep job={job} stage={stage} taken={taken} onKept={() => setTaken(null)} />}
      </div>
    </details>
  )
}

type KeepProps = { job: Job; stage: string | null; taken: Taken; onKept: () => void }

function Keep({ job, stage, taken, onKept }: KeepProps) {
  const write = useWrite(job.id)
  const [caption, setCaption] = useState('')
  const [state, setState] = useState<'here' | 'sending' | { said: string }>('here')
  const keep = async () => {
    setState('sending')
    try {
      const picture = await sendPicture(job.id, taken.blob)
      const said = caption.trim()
      write(
        { kind: 'pictured', picture, ...(said === '' ? {} : { caption: said }), ...(stage === null ? {} : { stage }) },
        `Picture${said === '' ? '' : `: ${said}`}`,
      )
      onKept()
    } catch (error) {
      setState({ said: error instanceof Error ? error.message : 'It could not be sent.' })
    }
  }
  return (
    <>
      <img src={taken.url} alt="As it will be kept" className="max-h-60 justify-self-start border border-ink" />
      <Field label="What is to be seen">
        {(input) => <input {...input} maxLength={200} value={caption} onChange={({ target }) => setCaption(target.value)} />}
      </Field>
      {typeof state === 'object' && (
        <Note tone="out" role="alert" title="The picture is not kept yet.">
          {state.said}
        </Note>
      )}
      <Button disabled={state === 'sending'} onClick={() => void keep()}>
        {state === 'sending' ? 'Sending' : typeof state === 'object' ? 'Send it again' : 'Keep the picture'}
      </Button>
    </>
  )
}
