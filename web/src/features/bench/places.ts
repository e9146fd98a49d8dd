/** Where on a joint each tool stands: its flag over or under the drawing, and what its line points at. In the drawing's own units. */
export type Place = { tool: string; name: string; x: number; at: { x: number; y: number }; isOver: boolean; row: number }

/** The drawing is so large. */
export const WIDE = 1120
export const TALL = 520

const over = (tool: string, name: string, x: number, row: number, at: [number, number]): Place => ({
  ...{ tool, name, x, row, isOver: true },
  at: { x: at[0], y: at[1] },
})
const under = (tool: string, name: string, x: number, row: number, at: [number, number]): Place => ({
  ...over(tool, name, x, row, at),
  isOver: false,
})

export const PLACES: readonly Place[] = [
  over('bend', 'Bending radius', 10, 0, [70, 228]),
  over('screen', 'Screen resistance', 130, 1, [225, 244]),
  over('step', 'Stress at a step', 290, 0, [352, 254]),
  over('window', 'Body over both screens', 385, 1, [430, 198]),
  over('shrink', 'Shrink tube', 590, 0, [648, 198]),
  over('stretch', 'Cold-shrink', 690, 1, [720, 198]),
  over('tape', 'Tape, mastic, mesh', 830, 0, [870, 214]),
  over('fault', 'Fault current', 970, 1, [920, 244]),
  under('dew', 'Dew point', 10, 0, [60, 330]),
  under('insulation', 'Insulation resistance', 110, 1, [300, 290]),
  under('strip', 'Strip length', 330, 0, [440, 290]),
  under('fill', 'Fill volume', 440, 1, [480, 296]),
  under('torque', 'Torque', 560, 0, [560, 300]),
  under('size', 'Conductor sizes', 660, 1, [690, 318]),
  under('temperature', 'Temperatures', 790, 0, [840, 318]),
  under('slack', 'Slack left', 930, 1, [1060, 318]),
]
