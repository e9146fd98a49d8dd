/** Every text of the drawing is so large, in pixels. */
export const TEXT = 14
/** One for each round of fonts: a canvas keeps the font that it has once found. */
const contexts = new Map<number, CanvasRenderingContext2D | null>()

/**
 * How wide a text of the drawing is, in pixels; where nothing can measure it, as wide as it can be.
 *
 * @param round of the fonts: in the first they may not be there yet
 */
export function measure(text: string, round = 0): number {
  const context = contextOf(round)
  if (!context) return text.length * TEXT * 0.62
  // Figures are drawn all alike wide, as the widest; and a little more, for hinting differs from canvas to page.
  return Math.ceil(context.measureText(text.replace(/\d/g, '0')).width * 1.02) + 1
}

function contextOf(round: number): CanvasRenderingContext2D | null {
  const known = contexts.get(round)
  if (known !== undefined) return known
  const context = typeof document === 'undefined' ? null : document.createElement('canvas').getContext('2d')
  if (context) context.font = `${TEXT}px ${getComputedStyle(document.body).fontFamily}`
  contexts.set(round, context)
  return context
}
