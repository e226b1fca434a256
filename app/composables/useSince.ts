import dayjs from 'dayjs'

/** How long ago, as it is said in a shop: today, yesterday, 6 days. */
export function useSince(): (iso: string) => string {
  return (iso) => {
    const days = dayjs().startOf('day').diff(dayjs(iso).startOf('day'), 'day')
    if (days <= 0) return 'today'
    if (days === 1) return 'since yesterday'
    return days < 60 ? `${days} days` : `${Math.round(days / 30)} months`
  }
}
