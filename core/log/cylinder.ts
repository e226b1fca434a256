/** The cylinder that an entry speaks of, as a place; null where it speaks of the whole engine. */
export function cylinderOf({ body }: { body: unknown }): string | null {
  const n = (body as { ofCylinder?: number | null }).ofCylinder
  return n ? `cylinder ${n}` : null
}
