import type { KeptEntry } from '../engine/entries'
import { Vault } from '../engine/vault'
import { answered, ApiError, client } from './client'
import { carried, device, me } from './here'
import type { Package } from './types'

export const pictureUrl = (jobId: string, hash: string): string => `/api/jobs/${jobId}/pictures/${hash}`

/** A picture as it lies on this device, its bytes in base 64. */
type KeptPicture = { type: string; text: string; isSent: boolean }

/**
 * Sends a picture; the server keeps it by its hash, which is what an entry then names. Of a job that was taken along it is kept here where
 * there is no signal, and goes before the entry that names it.
 */
export async function sendPicture(jobId: string, picture: Blob): Promise<string> {
  const hash = hex(await crypto.subtle.digest('SHA-256', await picture.arrayBuffer()))
  try {
    await put(jobId, hash, picture)
  } catch (error) {
    if (!(error instanceof ApiError && error.isUnheard && (await carried()?.has(jobId)))) throw error
    await keepPicture(jobId, hash, picture, false)
  }
  return hash
}

/** Before the entry that names a picture goes the picture. */
export async function sendPictureOf({ jobId, event }: KeptEntry): Promise<void> {
  if (event.kind !== 'pictured') return
  const kept = await pictureHere(event.picture)
  if (!kept || kept.isSent) return
  const picture = asBlob(kept)
  await put(jobId, event.picture, picture)
  await keepPicture(jobId, event.picture, picture, true)
}

/** A picture that lies on this device, to be shown; null where it does not. */
export async function pictureDataUrl(hash: string): Promise<string | null> {
  const kept = await pictureHere(hash).catch(() => null)
  return kept ? `data:${kept.type};base64,${kept.text}` : null
}

/** Keeps the pictures that a job's log names. */
export async function keepPicturesOf(jobId: string, { log }: Package): Promise<void> {
  for (const { body } of log) {
    const { event } = JSON.parse(body) as { event: { kind: string; picture?: string } }
    if (event.kind !== 'pictured' || !event.picture || (await pictureHere(event.picture).catch(() => null))) continue
    const answer = await fetch(pictureUrl(jobId, event.picture)).catch(() => null)
    if (answer?.ok) await keepPicture(jobId, event.picture, await answer.blob(), true)
  }
}

const put = (jobId: string, hash: string, picture: Blob): Promise<unknown> =>
  answered(
    client.PUT('/api/jobs/{id}/pictures/{hash}', {
      params: { path: { id: jobId, hash } },
      body: picture as unknown as undefined,
      bodySerializer: (body: unknown) => body as Blob,
      headers: { 'Content-Type': picture.type },
    }),
  )

async function keepPicture(jobId: string, hash: string, picture: Blob, isSent: boolean): Promise<void> {
  const here = await device
  const bytes = new Uint8Array(await picture.arrayBuffer())
  const text = btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''))
  const sealed = await (
    await Vault.of(here, me())
  ).seal({ type: picture.type, text, isSent } satisfies KeptPicture, `pictures/${hash}`)
  await here.put('pictures', { person: me(), hash, jobId, sealed })
}

async function pictureHere(hash: string): Promise<KeptPicture | null> {
  const here = await device
  const row = await here.get('pictures', [me(), hash])
  return row ? (await Vault.of(here, me())).open<KeptPicture>(row.sealed, `pictures/${hash}`) : null
}

const asBlob = ({ type, text }: KeptPicture): Blob =>
  new Blob([Uint8Array.from(atob(text), (char) => char.charCodeAt(0))], { type })

const hex = (bytes: ArrayBuffer): string => [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('')
