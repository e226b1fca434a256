import { InputError } from '../errors'

/**
 * Particles on a black-and-white picture of a filter or magnet: groups of touching pixels (corners count), each as the circle of its area.
 * @param mask    rows of 0 and 1, all of one length
 * @param umPerPx size of a pixel, µm
 * @param minPx   smaller groups are dust of the picture
 * @returns ecdUm diameters, largest first; log2Bins by floor(log2 d); touchingEdge groups that run out of the picture, so that their size is a lower bound
 * @throws  InputError `bad_choice` for other signs, `inconsistent` for rows of unlike length
 */
export function debrisImage({ mask, umPerPx, minPx }: { mask: string[]; umPerPx: number; minPx: number }) {
  const width = mask[0]?.length ?? 0
  for (const [i, row] of mask.entries())
    if (/[^01]/.test(row)) throw new InputError('bad_choice', `mask[${i}]`, `Row ${i + 1} may hold only 0 and 1.`)
  for (const [i, row] of mask.entries())
    if (row.length !== width)
      throw new InputError(
        'inconsistent',
        `mask[${i}]`,
        `Row ${i + 1} has ${row.length} pixels, the first has ${width}: all rows must be of one length.`,
      )
  const height = mask.length
  const seen = new Uint8Array(width * height)
  const dirty = (x: number, y: number): boolean => x >= 0 && y >= 0 && x < width && y < height && mask[y]?.[x] === '1'
  const groups: { pixels: number; edge: boolean }[] = []
  for (let at = 0; at < width * height; at++) {
    if (seen[at] || !dirty(at % width, Math.floor(at / width))) continue
    let pixels = 0
    let edge = false
    const stack = [at]
    seen[at] = 1
    for (let next = stack.pop(); next !== undefined; next = stack.pop()) {
      const [x, y] = [next % width, Math.floor(next / width)]
      pixels++
      edge ||= x === 0 || y === 0 || x === width - 1 || y === height - 1
      for (let dy = -1; dy <= 1; dy++) {
        for (let dx = -1; dx <= 1; dx++) {
          const beside = (y + dy) * width + x + dx
          if (dirty(x + dx, y + dy) && !seen[beside]) {
            seen[beside] = 1
            stack.push(beside)
          }
        }
      }
    }
    if (pixels >= minPx) groups.push({ pixels, edge })
  }
  const ecdUm = groups.map(g => 2 * Math.sqrt((g.pixels * umPerPx ** 2) / Math.PI)).sort((a, b) => b - a)
  const log2Bins: Record<string, number> = {}
  for (const d of ecdUm)
    log2Bins[String(Math.floor(Math.log2(d)))] = (log2Bins[String(Math.floor(Math.log2(d)))] ?? 0) + 1
  return {
    count: groups.length,
    areaFraction: width ? groups.reduce((n, g) => n + g.pixels, 0) / (width * height) : 0,
    ecdUm,
    largestUm: ecdUm[0] ?? null,
    log2Bins,
    touchingEdge: groups.filter(g => g.edge).length,
  }
}
