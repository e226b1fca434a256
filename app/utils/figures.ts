/** What somebody typed as a figure: null when empty, NaN when it is not one. A decimal comma is as good as a point. */
export function figure(text: string | number | null | undefined): number | null {
  const trimmed = String(text ?? '')
    .trim()
    .replace(',', '.')
  if (!trimmed) return null
  const value = Number(trimmed)
  return Number.isFinite(value) ? value : Number.NaN
}

/** A figure for a form field. */
export const figureText = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value)

/** What JSON can't carry is sent as the text that was typed, so that the answer can name it. */
export const sendable = (value: number | null, typed: string): number | string | null =>
  Number.isNaN(value) ? typed : value

/** A figure as it was typed, or the text itself where it is none. */
export const typedFigure = (text: string): number | string | null => sendable(figure(text), text)
