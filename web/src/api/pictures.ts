import { answered, client } from './client'

export const pictureUrl = (jobId: string, hash: string): string => `/api/jobs/${jobId}/pictures/${hash}`

/** Sends a picture; the server keeps it by its hash, which is what an entry then names. */
export async function sendPicture(jobId: string, picture: Blob): Promise<string> {
  const hash = hex(await crypto.subtle.digest('SHA-256', await picture.arrayBuffer()))
  await answered(
    client.PUT('/api/jobs/{id}/pictures/{hash}', {
      params: { path: { id: jobId, hash } },
      body: picture as unknown as undefined,
      bodySerializer: (body: unknown) => body as Blob,
      headers: { 'Content-Type': picture.type },
    }),
  )
  return hash
}

const hex = (bytes: ArrayBuffer): string => [...new Uint8Array(bytes)].map((byte) => byte.toString(16).padStart(2, '0')).join('')
