/** A list that the server works out from this job and others; asked for again after each entry. What was there stays when it can't be had. */
export function useFromJob<T>(what: 'alike' | 'carriers' | 'quotes'): Ref<T[]> {
  const sheet = useSheet()
  const lines = ref<T[]>([]) as Ref<T[]>
  watch(
    () => sheet.job.value.entries.length,
    async () => {
      lines.value = await read<T[]>(`/api/jobs/${sheet.job.value.id}/${what}`).catch(() => lines.value)
    },
    { immediate: true },
  )
  return lines
}
