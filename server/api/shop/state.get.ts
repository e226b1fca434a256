import type { ShopState } from '#shared/types/records'

/** What everybody at the bench has to know of the place where the data lie: asked by every page every few seconds. */
export default answer((): ShopState => {
  const { words, refuses } = storageNow()
  return { storage: { words, refuses }, backup: backupState() }
})
