/** Lengths as people type and read them. The server's core is the authority; cases/length-texts.json is read by both sides' tests. */

export type Unit = 'mm' | 'in'

export type LengthFault =
  | 'empty'
  | 'not-a-length'
  | 'negative'
  | 'two-separators'
  | 'unknown-unit'
  | 'twelve-inches'
  | 'zero'
  | 'metric-fraction'
  | 'bad-fraction'
  | 'too-long'
  | 'too-fine'

export type LengthText = { nanometres: number; fault?: never } | { fault: LengthFault; nanometres?: never }

const NANOMETRES: Record<string, number> = {
  mm: 1_000_000,
  millimetre: 1_000_000,
  millimetres: 1_000_000,
  millimeter: 1_000_000,
  millimeters: 1_000_000,
  cm: 10_000_000,
  m: 1_000_000_000,
  in: 25_400_000,
  inch: 25_400_000,
  inches: 25_400_000,
  '"': 25_400_000,
  '″': 25_400_000,
  '”': 25_400_000,
  "''": 25_400_000,
  ft: 304_800_000,
  foot: 304_800_000,
  feet: 304_800_000,
  "'": 304_800_000,
  '′': 304_800_000,
  mil: 25_400,
  mils: 25_400,
  thou: 25_400,
}

const LONGEST = 100_000_000_000

/** One sign for each of the signs that keyboards, drawings and documents put for it. */
const PLAIN: [RegExp, string][] = [
  [/(?<=\d)(?=[¼½¾⅛⅜⅝⅞])/gu, ' '],
  [/¼/gu, '1/4'],
  [/½/gu, '1/2'],
  [/¾/gu, '3/4'],
  [/⅛/gu, '1/8'],
  [/⅜/gu, '3/8'],
  [/⅝/gu, '5/8'],
  [/⅞/gu, '7/8'],
  [/[⁄∕]/gu, '/'],
  [/[‐‑‒–−]/gu, '-'],
]

/** Reads what a person typed; a number without a unit is taken in `bare`. */
export function readLength(text: string, bare: Unit): LengthText {
  const plain = PLAIN.reduce((so, [sign, put]) => so.replace(sign, put), text)
  const read = readFeetAndInches(plain) ?? readOneNumber(plain, bare)
  return read.nanometres !== undefined && read.nanometres > LONGEST ? { fault: 'too-long' } : read
}

/**
 * What an instrument said, which is never 0. Where the reader's decimal sign is a comma, "1.234" may be a thousand and more: it is
 * asked about, as "1,234" is everywhere.
 */
export function readReading(text: string, bare: Unit, decimalSign = readersDecimalSign()): LengthText {
  if (decimalSign === ',' && /^\s*[1-9]\d{0,2}\.\d{3}(?!\d)/.test(text)) return { fault: 'two-separators' }
  const read = readLength(text, bare)
  return read.nanometres === 0 ? { fault: 'zero' } : read
}

const readersDecimalSign = (): string =>
  new Intl.NumberFormat(navigator.language).formatToParts(1.5).find((part) => part.type === 'decimal')?.value ?? '.'

/** "1 ft 3 in", `1' 3 1/2"`, `1'-3"`: whole feet, and fewer than twelve inches. */
function readFeetAndInches(plain: string): LengthText | undefined {
  const parts = /^\s*(\d{1,3})\s*(?:ft|feet|foot|'|′)\s*-?\s*([\d.,\s/-]+?)\s*(?:in|inch|inches|"|″|”|'')?\s*$/iu.exec(plain)
  if (!parts) return undefined
  const inches = readNumber(parts[2] ?? '', 25_400_000)
  if (inches.nanometres === undefined) return inches
  return inches.nanometres < 304_800_000
    ? { nanometres: Number(parts[1]) * 304_800_000 + inches.nanometres }
    : { fault: 'twelve-inches' }
}

function readOneNumber(plain: string, bare: Unit): LengthText {
  const split = /^\s*([-+]?[\d.,\s/-]*?)\s*([^\d\s.,/-][^\d]*?)?\s*$/u.exec(plain)
  if (!split) return { fault: 'not-a-length' }
  const number = split[1] ?? ''
  const unitText = split[2] ?? ''
  if (number === '') return { fault: unitText === '' ? 'empty' : 'not-a-length' }
  const unit = NANOMETRES[unitText === '' ? bare : unitText.toLowerCase()]
  return unit === undefined ? { fault: 'unknown-unit' } : readNumber(number, unit)
}

function readNumber(number: string, unit: number): LengthText {
  if (/^-\s*[\d.,]/.test(number)) return { fault: 'negative' }
  const fraction = /^(?:(\d{1,6})(?:\s*-\s*|\s+))?(\d{1,3})\s*\/\s*(\d{1,3})$/.exec(number)
  if (fraction) return readFraction(Number(fraction[1] ?? 0), Number(fraction[2]), Number(fraction[3]), unit)
  if (/[.,].*[.,]|^[1-9]\d{0,2},\d{3}$/.test(number)) return { fault: 'two-separators' }
  const decimal = /^\+?(?=[\d.,]*\d)(\d*)(?:[.,](\d*))?$/.exec(number)
  return decimal ? readDecimal(decimal[1] ?? '', (decimal[2] ?? '').replace(/0+$/, ''), unit) : { fault: 'not-a-length' }
}

function readFraction(whole: number, upper: number, lower: number, unit: number): LengthText {
  if (unit !== 25_400_000 && unit !== 304_800_000) return { fault: 'metric-fraction' }
  if (![2, 4, 8, 16, 32, 64].includes(lower) || upper >= lower || upper === 0) return { fault: 'bad-fraction' }
  return { nanometres: whole * unit + (upper * unit) / lower }
}

function readDecimal(whole: string, decimals: string, unit: number): LengthText {
  if (whole.replace(/^0+/, '').length > 8) return { fault: 'too-long' }
  if (decimals.length > 9) return { fault: 'too-fine' }
  const scaled = BigInt(decimals === '' ? '0' : decimals) * BigInt(unit)
  const scale = 10n ** BigInt(decimals.length)
  if (scaled % scale !== 0n) return { fault: 'too-fine' }
  return { nanometres: Number(BigInt(whole === '' ? '0' : whole) * BigInt(unit) + scaled / scale) }
}

const FAULTS: Record<LengthFault, string> = {
  empty: 'Type a length.',
  'not-a-length': 'This is not a length: type it as 12.5, 12,5 mm, 1-3/4 in or 875 mil.',
  negative: 'A length is measured from zero up.',
  'two-separators': 'This could be read in two ways: write one decimal point or comma and no thousands separator.',
  'unknown-unit': 'This unit is not known: use mm, cm, m, in, ft or mil.',
  'twelve-inches': 'Beside feet there are fewer than 12 inches, as in 1 ft 3 in.',
  zero: 'This is 0: type what the instrument says.',
  'metric-fraction': 'Fractions are read in inches only: add in, or type millimetres with a decimal point.',
  'bad-fraction': 'Not an inch fraction: the lower number is 2, 4, 8, 16, 32 or 64 and the upper one is smaller.',
  'too-long': 'This is longer than 100 m: check the unit.',
  'too-fine': 'This is finer than can be kept: give fewer decimals.',
}

export const sayFault = (fault: LengthFault): string => FAULTS[fault]

/** Rounded half away from zero, trailing zeros dropped. */
export function formatMm(mm: number, decimals = 1): string {
  const scaled = roundHalfUp(Math.round(mm * 1e6) / 10 ** (6 - decimals))
  return (scaled / 10 ** decimals).toFixed(decimals).replace(/\.?0+$/, '') || '0'
}

export function formatInches(mm: number, decimals = 3): string {
  return (roundHalfUp((Math.round(mm * 1e6) / 25_400_000) * 10 ** decimals) / 10 ** decimals).toFixed(decimals)
}

/** "2 1/4", "7/16": as a tape shows it, in lowest terms. */
export function formatInchFraction(mm: number, parts = 16): string {
  const count = roundHalfUp((Math.round(mm * 1e6) * parts) / 25_400_000)
  const whole = Math.floor(Math.abs(count) / parts)
  let upper = Math.abs(count) % parts
  let lower = parts
  const sign = count < 0 ? '-' : ''
  if (upper === 0) return `${sign}${whole}`
  while (upper % 2 === 0) {
    upper /= 2
    lower /= 2
  }
  return `${sign}${whole === 0 ? '' : `${whole} `}${upper}/${lower}`
}

/** For a label: what a bare number is read in. */
/** What was typed, in millimetres; not a number where it cannot be read. */
export const inMm = (typed: string, unit: Unit): number => (readLength(typed, unit).nanometres ?? NaN) / 1e6

export const inUnit = (unit: Unit): string => (unit === 'in' ? 'in inches' : 'in mm')

/** A reading as it was typed, with the unit it was read in where none was typed. */
export const sayTyped = ({ typed, unit }: { typed: string; unit: Unit }): string =>
  /[^\d\s.,/¼½¾⅛⅜⅝⅞⁄∕‐‑‒–−-]/u.test(typed) ? typed : `${typed} ${unit}`

/** A length along the cable, with its unit. */
export const sayMark = (mm: number, unit: Unit): string => (unit === 'in' ? `${formatInchFraction(mm)} in` : `${formatMm(mm)} mm`)

/** A diameter or a thickness, with its unit. */
export const sayFine = (mm: number, unit: Unit): string => (unit === 'in' ? `${formatInches(mm)} in` : `${formatMm(mm, 2)} mm`)

function roundHalfUp(value: number): number {
  return Math.sign(value) * Math.round(Math.abs(value))
}
