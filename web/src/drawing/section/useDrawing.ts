import { useMemo } from 'react'
import { formatInchFraction, type Unit } from '../../domain/length'
import { layerName } from '../../domain/words'
import { placeFlags, ROW } from './labels'
import { measure } from './measure'
import { drawingOf, type Lane } from './plan'
import type { Section } from './state'
import { useFonts } from './useFonts'

const MOST_ROWS = 4
/** Beside the drawing stand the names of the layers, where there is room for them. */
const BESIDE = 700
/** For the figures of diameters. */
const SCALE_ROOM = { mm: 62, in: 92 }

export type Sized = {
  section: Section
  stage: number | null
  unit: Unit
  width: number
  /** Of the bodies. */
  height: number
  /** A part of the axis; null: all of it. */
  range: [number, number] | null
  /** Bodies only: no names and no tape. */
  isBare?: boolean
  only?: Lane['is'] | null
}

/** The drawing at this width, with room for its names. */
export function useDrawing({ section, stage, unit, width, height, range, isBare = false, only = null }: Sized) {
  const round = useFonts()
  return useMemo(() => {
    const isWide = width >= BESIDE && !isBare
    const names = isWide ? Math.max(0, ...section.layers.map((one) => measure(layerName(one.name, unit), round))) : 0
    // The names stand where the cable leaves the drawing, the diameters on the other side.
    const isJoint = section.layers.some((one) => one.end === 'B')
    const beside = isWide ? [names + 44, SCALE_ROOM[unit]] : [12, 12]
    const [left, right] = [(isJoint ? beside[0] : beside[1]) ?? 12, width - ((isJoint ? beside[1] : beside[0]) ?? 12)]
    const room = { left, right, height, stage, range, only, hasOthers: !isBare }
    const bare = drawingOf(section, { ...room, tops: [0, 0] })
    const flags = bare.lanes.map((lane) =>
      placeFlags(
        isBare ? [] : flagsOf(lane, unit),
        (text) => measure(text, round),
        isWide ? right : width - 6,
        bare.lanes.length === 1 ? MOST_ROWS : lane.is === 'cable' ? 2 : 3,
      ),
    )
    const [above, between] = flags.map((one) => 14 + one.rows * ROW)
    const drawing = drawingOf(section, { ...room, tops: [above ?? 0, (between ?? 0) + 4] })
    return { drawing, flags, rest: flags.flatMap((one) => one.rest), left, right, isWide, isJoint }
  }, [section, stage, unit, width, height, range, isBare, only, round])
}

/** What comes as a whole or is wound is named by a flag, with its length; both ends of a joint carry the same, so one is named. */
function flagsOf(lane: Lane, unit: Unit) {
  const named = new Set<string>()
  return lane.items.flatMap((item) => {
    const body = lane.bodies.find((one) => one.of === 'item' && one.key === `${item.key} ${item.end ?? ''} ${item.fromMm}`)
    if (!body || named.has(item.key)) return []
    named.add(item.key)
    const text =
      item.nature === 'tube' || item.nature === 'body' ? `${item.name} ${length(item.toMm - item.fromMm, unit)}` : item.name
    return [{ key: item.key, text, fromX: body.fromX, toX: body.toX }]
  })
}

const length = (mm: number, unit: Unit): string => (unit === 'in' ? `${formatInchFraction(mm)} in` : String(Math.round(mm)))
