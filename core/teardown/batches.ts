/** Batches are compared as people read them off a label: case and spaces don't count. */
export const sameBatch = (a: string | null, b: string | null): boolean =>
  a !== null && b !== null && plain(a) === plain(b) && plain(a) !== ''
const plain = (text: string): string => text.replace(/[\s-]+/g, '').toLowerCase()

/** What an owner is told whose machine carries a batch that was proved bad. */
export function batchMessage({
  owner,
  machine,
  what,
  batch,
  proof,
  shop,
}: {
  owner: string
  machine: string
  what: string
  batch: string
  proof: string
  shop: string
}): { subject: string; text: string } {
  return {
    subject: `${machine}: a part that we fitted`,
    text: `${owner}, we fitted ${what}, batch ${batch}, to your ${machine}. On another engine this batch was proved bad: ${proof} Please don't run it until we have looked at it; we check and change it here. ${shop}`,
  }
}
