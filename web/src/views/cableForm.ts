import type { CableTypeFile, LayerKind } from '../api/types'
import type { Unit } from '../domain/length'

/** What a person types of a cable, and the open file it makes: only what is known. */
export type CableForm = {
  name: string
  voltage: string
  level: string
  cores: string
  size: string
  material: string
  shape: string
  insulation: string
  insulationScreen: string
  metallicScreen: string
  wireCount: string
  wireDiameter: string
  bedding: string
  armour: string
  oversheath: string
  diameters: Partial<Record<LayerKind, string>>
}

export const emptyForm = (unit: Unit): CableForm => ({
  name: '',
  voltage: unit === 'in' ? '15 kV' : '6.35/11 (12) kV',
  level: unit === 'in' ? '100' : '',
  cores: '1',
  size: '',
  material: 'aluminium',
  shape: unit === 'in' ? 'compressed' : 'compacted',
  insulation: 'xlpe',
  insulationScreen: 'strippable',
  metallicScreen: 'copper-tape',
  wireCount: '',
  wireDiameter: '',
  bedding: 'none',
  armour: 'none',
  oversheath: unit === 'in' ? 'pvc' : 'pe',
  diameters: {},
})

type Choice = keyof Omit<CableForm, 'diameters' | 'name' | 'voltage' | 'size' | 'wireCount' | 'wireDiameter'>

export const CHOICES: Record<Choice, { label: string; options: readonly string[]; path: string }> = {
  cores: { label: 'Cores', options: ['1', '3'], path: 'cores' },
  level: { label: 'Insulation level, %', options: ['', '100', '133', '173'], path: 'insulationLevel' },
  material: { label: 'Conductor material', options: ['aluminium', 'copper'], path: 'conductor.material' },
  shape: { label: 'Conductor', options: ['compacted', 'stranded', 'compressed', 'solid', 'sector'], path: 'conductor.shape' },
  insulation: { label: 'Insulation', options: ['xlpe', 'tr-xlpe', 'epr', 'paper', 'varnished-cambric'], path: 'insulation' },
  insulationScreen: {
    label: 'Insulation screen',
    options: ['strippable', 'bonded', 'carbon-paper', 'metallised-paper', 'none'],
    path: 'insulationScreen',
  },
  metallicScreen: {
    label: 'Metallic screen',
    options: ['copper-tape', 'corrugated-tape', 'copper-wire', 'concentric-neutral', 'flat-strap', 'drain-wire', 'lead-sheath'],
    path: 'metallicScreen',
  },
  bedding: { label: 'Bedding', options: ['none', 'extruded', 'lapped'], path: 'bedding' },
  armour: { label: 'Armour', options: ['none', 'steel-wire', 'aluminium-wire', 'steel-tape'], path: 'armour' },
  oversheath: { label: 'Oversheath', options: ['pe', 'pvc', 'lszh', 'serving'], path: 'oversheath' },
}

const ABBREVIATIONS = ['xlpe', 'tr-xlpe', 'epr', 'pe', 'pvc', 'lszh']

/** A choice as people write it: "TR-XLPE", "copper tape". */
export const optionName = (option: string): string =>
  ABBREVIATIONS.includes(option) ? option.toUpperCase() : option === '' ? 'not stated' : option.replaceAll('-', ' ')

export const hasWires = (form: CableForm): boolean =>
  ['copper-wire', 'concentric-neutral', 'drain-wire'].includes(form.metallicScreen)

/** The layers that such a cable has and a caliper reaches, from the inside out. */
export function layersOf(form: CableForm): LayerKind[] {
  const isThree = form.cores === '3'
  const isLead = form.metallicScreen === 'lead-sheath'
  const layers: [LayerKind, boolean][] = [
    ['conductor', form.shape !== 'sector'],
    ['insulation', form.shape !== 'sector'],
    ['insulation-screen', form.insulationScreen !== 'none' && form.shape !== 'sector'],
    ['metallic-screen', !isLead],
    ['laid-up-cores', isThree],
    ['belt', isThree && form.insulationScreen === 'none'],
    ['lead-sheath', isLead],
    ['bedding', form.bedding !== 'none'],
    ['armour', form.armour !== 'none'],
    ['oversheath', true],
  ]
  return layers.filter(([, isThere]) => isThere).map(([layer]) => layer)
}

const withUnit = (text: string, unit: Unit) => (/^[\d\s.,/-]+$/.test(text) ? `${text.trim()} ${unit}` : text.trim())

function slug(name: string): string {
  const plain = name.toLowerCase().replace(/[^a-z0-9]+/g, '-')
  return plain.replace(/^-+|-+$/g, '').slice(0, 50) || 'cable'
}

/** Layers with a diameter, in the order of the form: problems name them by their place in it. */
export const givenLayers = (form: CableForm): LayerKind[] => layersOf(form).filter((layer) => form.diameters[layer]?.trim())

export function fileOf(form: CableForm, id: string, unit: Unit): CableTypeFile {
  return {
    id: `${slug(form.name)}-${id}`,
    revision: 1,
    designation: form.name,
    standard: '',
    ratedVoltage: form.voltage,
    ...(form.level ? { insulationLevel: Number(form.level) } : {}),
    cores: Number(form.cores),
    conductor: { material: form.material, shape: form.shape, size: form.size },
    insulation: form.insulation,
    insulationScreen: form.insulationScreen,
    metallicScreen: form.metallicScreen,
    ...(hasWires(form) && form.wireCount
      ? { screenWires: { count: Number(form.wireCount), diameter: withUnit(form.wireDiameter, unit) } }
      : {}),
    bedding: form.bedding,
    armour: form.armour,
    oversheath: form.oversheath,
    layers: givenLayers(form).map((layer) => ({
      layer,
      diameter: withUnit(form.diameters[layer] ?? '', unit),
      basis: 'stated',
      source: 'entered from the drum or datasheet',
    })),
  }
}
