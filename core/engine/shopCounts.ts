/** What the shop's own closed jobs really were, by class of engine. */
export interface ShopCounts {
  total: number
  hits: Record<string, number>
}
