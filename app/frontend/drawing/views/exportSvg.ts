import { day } from '../../ui/theme/tokens'

// The drawing as a file of its own: colours written out, grips and what only a hand needs left out.
export const exportSvg = (svg: SVGSVGElement, title: string) => {
  const copy = svg.cloneNode(true) as SVGSVGElement
  copy.querySelectorAll('[data-grip], [data-leave-out]').forEach((one) => one.remove())
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('viewBox', `0 0 ${svg.clientWidth} ${svg.clientHeight}`)
  copy.removeAttribute('class')
  const paper = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  paper.setAttribute('width', '100%')
  paper.setAttribute('height', '100%')
  paper.setAttribute('fill', day.bone)
  copy.prepend(paper)
  const name = document.createElementNS('http://www.w3.org/2000/svg', 'title')
  name.textContent = title
  copy.prepend(name)
  const text = new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\(--(\w+)\)/g, (_, token: string) => day[token as keyof typeof day] ?? 'currentColor')
    .replace(/font-family="[^"]*"/g, 'font-family="Barlow Condensed, Arial Narrow, sans-serif"')
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: 'image/svg+xml' }))
  link.download = `${title.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.svg`
  link.click()
  URL.revokeObjectURL(link.href)
}
