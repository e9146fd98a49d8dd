import { sayFine, sayMark, type Unit } from './length'
import { sayTemperature, sayTemperatureDifference } from './temperature'
import { word } from './words'

/** A sentence as the server sends it, with its values still in it. */
export type Sentence = { template: string; values: Record<string, SentenceValue> }

type SentenceValue = { mm?: number; celsius?: number; kelvins?: number; text?: string; sentence?: Sentence }

/** Puts the reader's units and words in. cases/sentences.json holds what the server's reader says too. */
export function say(sentence: Sentence, unit: Unit): string {
  return sentence.template
    .replace(/\[([^\]]+)\]/g, (_, term: string) => word(term, unit))
    .replace(/\{(\w+)(:fine)?\}/g, (whole, name: string, fine: string | undefined) => {
      const value = sentence.values[name]
      if (value?.mm !== undefined) return fine ? sayFine(value.mm, unit) : sayMark(value.mm, unit)
      if (value?.celsius !== undefined) return sayTemperature(value.celsius, unit)
      if (value?.kelvins !== undefined) return sayTemperatureDifference(value.kelvins, unit)
      if (value?.sentence !== undefined) return say(value.sentence, unit)
      return value?.text ?? whole
    })
}
