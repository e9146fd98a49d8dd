import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { ApiError } from '../../api/client'
import { tokensQuery, useEndToken, useMakeToken } from '../../api/instruments'
import { Button } from '../../ui/Button'
import { Field } from '../../ui/Field'
import { Note } from '../../ui/Note'

const sayDay = (at: string) => new Date(at).toLocaleDateString('en-GB', { dateStyle: 'medium' })

/** What speaks for the person who is signed in: a caliper, a wrench, a press, through a bridge that knows a token. */
export function Instruments() {
  const tokens = useQuery(tokensQuery).data?.tokens ?? []
  const end = useEndToken()
  return (
    <section aria-label="Instruments" className="grid gap-4 border-t-2 border-ink pt-4">
      <div>
        <h2 className="text-lead font-semibold">Instruments</h2>
        <p className="max-w-[60ch]">
          A caliper, wrench or press that sends its readings speaks for you by a token: what it reads lands in the step that you
          have open, with its serial number and calibration. Give a token to your own bridge only.
        </p>
      </div>
      {tokens.length > 0 && (
        <ul className="border-t border-line">
          {tokens.map(({ id, name, madeAt, lastUsedAt, speaks }) => (
            <li key={id} className="flex flex-wrap items-center justify-between gap-x-4 border-b border-line py-1">
              <span>
                <strong className="font-semibold">{name}</strong>
                <span className="block text-label text-mute">
                  {speaks ? `made ${sayDay(madeAt)}` : 'ended with your sessions'},{' '}
                  {lastUsedAt ? `last heard ${sayDay(lastUsedAt)}` : 'not heard yet'}
                </span>
              </span>
              <Button kind="link" onClick={() => end.mutate(id)} aria-label={`End it: ${name}`}>
                End it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <MakeToken />
    </section>
  )
}

function MakeToken() {
  const make = useMakeToken()
  const [name, setName] = useState('')
  const fault =
    make.error instanceof ApiError ? (make.error.problem?.problems?.[0]?.message ?? make.error.message) : make.error?.message
  return (
    <form
      className="grid max-w-[26rem] gap-3"
      onSubmit={(event) => {
        event.preventDefault()
        make.mutate(name.trim(), { onSuccess: () => setName('') })
      }}
    >
      {make.data && (
        <Note tone="inside" role="status" title="Give this to the bridge now: it is not shown again.">
          <code className="block break-all select-all">{make.data.secret}</code>
        </Note>
      )}
      <Field label="What you call it" hint="Where the bridge is: phone, van, bench" fault={fault}>
        {(input) => (
          <input {...input} maxLength={60} autoComplete="off" value={name} onChange={(event) => setName(event.target.value)} />
        )}
      </Field>
      <Button type="submit" disabled={name.trim() === '' || make.isPending} className="justify-self-start">
        Make a token
      </Button>
    </form>
  )
}
