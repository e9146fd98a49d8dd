let last = 0
let counter = 0

/**
 * A UUID of version 7: its order is the order in which entries were made, also without a connection, and also within one millisecond
 * (RFC 9562, 6.2, method 1: a counter of twelve bits that starts low).
 */
export function uuidv7(now: number = Date.now()): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16))
  const view = new DataView(bytes.buffer)
  const at = nextAt(now, view.getUint16(6) & 0x7ff)
  view.setUint16(0, Math.floor(at / 2 ** 32))
  view.setUint32(2, at % 2 ** 32)
  view.setUint16(6, 0x7000 | counter)
  view.setUint8(8, (view.getUint8(8) & 0x3f) | 0x80)
  const hex = Array.from(bytes, (byte) => byte.toString(16).padStart(2, '0')).join('')
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-')
}

/** The millisecond, never before the last one; a full counter borrows the next. */
function nextAt(now: number, start: number): number {
  if (now > last || counter === 0xfff) {
    last = Math.max(now, last + 1)
    counter = start
  } else {
    counter += 1
  }
  return last
}

/** When a UUID of version 7 was made: its first 48 bits (RFC 9562, 5.7). */
export const madeAt = (id: string): Date => new Date(parseInt(id.replaceAll('-', '').slice(0, 12), 16))
