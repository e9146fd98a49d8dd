let context: CanvasRenderingContext2D | null | undefined

/** How wide a text of the drawing is, in pixels; where nothing can measure it, as wide as it can be. */
export function measure(text: string, size = 14, weight = 400): number {
  context ??= typeof document === 'undefined' ? null : document.createElement('canvas').getContext('2d')
  if (!context) return text.length * size * 0.62
  context.font = `${weight} ${size}px ${fontFamily()}`
  // A little more than measured: hinting differs from canvas to page.
  return Math.ceil(context.measureText(text).width * 1.02) + 1
}

const fontFamily = (): string => getComputedStyle(document.body).fontFamily || 'sans-serif'
