/** A figure as it was read: never only as converted. */
export interface Quantity {
  value: number
  unit: string
}
