import type { Job } from '../../api/types'
import type { Section } from './rules'
import type { Unit } from '../../domain/length'

const BLOCK = 66

/** The drawing as it stands, with its title block, as a file that any viewer opens: colours and fonts are written into it. */
export function download(job: Job, section: Section, unit: Unit): void {
  const drawn = document.querySelector<SVGSVGElement>('svg[data-section]')
  if (!drawn) return
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([svgOf(drawn, titleOf(job, section, unit))], { type: 'image/svg+xml' }))
  link.download = `${job.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-section.svg`
  link.click()
  URL.revokeObjectURL(link.href)
}

/** Who, what, and how it was built: each line of the title block. */
export function titleOf(job: Job, section: Section, unit: Unit): string[] {
  const isFound = section.cuts.some((one) => one.standing !== 'planned')
  return [
    job.name,
    [job.kit?.name, job.kit && `size ${job.kit.size}`, job.connector?.name].filter(Boolean).join(' · '),
    `${isFound ? 'as found' : 'as planned'}, ${unit}, ${new Date().toISOString().slice(0, 10)} · Berm`,
  ]
}

export function svgOf(drawn: SVGSVGElement, title: string[]): string {
  const copy = drawn.cloneNode(true) as SVGSVGElement
  const [width, height] = [Number(drawn.getAttribute('width')), Number(drawn.getAttribute('height'))]
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('height', String(height + BLOCK))
  copy.setAttribute('viewBox', `0 0 ${width} ${height + BLOCK}`)
  copy.setAttribute('font-family', getComputedStyle(drawn).fontFamily)
  copy.removeAttribute('class')
  const block = document.createElementNS('http://www.w3.org/2000/svg', 'g')
  block.innerHTML = `<rect x="0.5" y="${height + 0.5}" width="${width - 1}" height="${BLOCK - 1}" fill="none" stroke="var(--color-ink)"/>`
  title.forEach((line, i) => {
    const text = document.createElementNS('http://www.w3.org/2000/svg', 'text')
    text.setAttribute('x', '10')
    text.setAttribute('y', String(height + 20 + i * 19))
    text.setAttribute('font-size', '14')
    text.setAttribute('fill', 'var(--color-ink)')
    if (i === 0) text.setAttribute('font-weight', '700')
    text.textContent = line
    block.append(text)
  })
  copy.append(block)
  const style = getComputedStyle(document.documentElement)
  return new XMLSerializer()
    .serializeToString(copy)
    .replaceAll(/var\((--[\w-]+)\)/g, (whole, name: string) => style.getPropertyValue(name).trim() || whole)
}
