import type { Device, Sealed } from './device'

/** What lies there is not what was put there: a part of it is gone, or it was changed. */
export class Damaged extends Error {
  override name = 'Damaged'
}

const AES = { name: 'AES-GCM', length: 256 } as const

/** Seals what a person keeps on this device, and opens it: AES-GCM (NIST SP 800-38D) by a key that cannot be read out. */
export class Vault {
  private constructor(private readonly key: CryptoKey) {}

  /** Makes the key where this person has none yet. */
  static async of(device: Device, person: string): Promise<Vault> {
    const made = { person, key: await crypto.subtle.generateKey(AES, false, ['encrypt', 'decrypt']) }
    // Two tabs may each have made one: the first that is kept is the key.
    const { store, done } = device.transaction('keys', 'readwrite')
    const kept = await store.get(person)
    if (!kept) await store.put(made)
    await done
    return new Vault((kept ?? made).key)
  }

  /** @param place where it will lie: it cannot be opened anywhere else */
  async seal(value: unknown, place: string): Promise<Sealed> {
    const iv = crypto.getRandomValues(new Uint8Array(12))
    const text = new TextEncoder().encode(JSON.stringify(value))
    return { iv, bytes: await crypto.subtle.encrypt(sealing(iv, place), this.key, text) }
  }

  /** @throws Damaged */
  async open<T>({ iv, bytes }: Sealed, place: string): Promise<T> {
    try {
      return JSON.parse(new TextDecoder().decode(await crypto.subtle.decrypt(sealing(iv, place), this.key, bytes))) as T
    } catch {
      throw new Damaged(`What lies at ${place} cannot be opened.`)
    }
  }
}

const sealing = (iv: Uint8Array<ArrayBuffer>, place: string) => ({
  name: AES.name,
  iv,
  additionalData: new TextEncoder().encode(place),
})
