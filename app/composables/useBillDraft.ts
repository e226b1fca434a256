import { useLocalStorage } from '@vueuse/core'
import { ulid } from 'ulid'
import type { BillDraft, BillLine } from '#core/handover/bill'
import { billSum } from '#core/handover/bill'
import type { PAID_BY, TAX_MODES } from '#core/words/bill'
import type { JobBills } from '#shared/types/records'

interface TypedLine {
  text: string
  detail: string
  amount: string
  tax: string
  discount: string
}
interface Typed {
  /** sent again after a lost answer it is the same bill */
  id: string
  from: 'worked' | 'fixed' | null
  to: { name: string; contact: string; taxNumber: string }
  lines: TypedLine[]
  discount: string
  tax: keyof typeof TAX_MODES
  taxWhy: string
  payDays: string
  words: string
}
export type PaidBy = keyof typeof PAID_BY

/** A bill while it is put together: what is typed stays with the job until the bill is given. */
export function useBillDraft(jobId: string, now: Ref<JobBills | undefined>) {
  const shop = useShopStore()
  const blank = (): Typed => ({
    ...{ id: ulid(), from: null, to: { name: '', contact: '', taxNumber: '' }, lines: [], discount: '' },
    ...{ tax: 'charged', taxWhy: '', payDays: String(shop.policy.payDays), words: '' },
  })
  const draft = useLocalStorage<Typed>(`remedium:bill:${jobId}`, blank(), { deep: true })
  const typedLine = (l: BillLine): TypedLine => ({
    text: l.text,
    detail: l.detail ?? '',
    amount: moneyField(l.minor, shop.policy.currency),
    tax: String(l.taxPct),
    discount: l.discountPct ? String(l.discountPct) : '',
  })
  /** begins anew from the log; what was typed before gives way */
  function begin(from: 'worked' | 'fixed'): void {
    if (!now.value) return
    const { to, proposed } = now.value
    const lines = from === 'fixed' ? proposed.fixed : proposed.worked
    draft.value = {
      ...blank(),
      from,
      to: { name: to.name, contact: to.contact ?? '', taxNumber: to.taxNumber ?? '' },
      lines: (lines ?? []).map(typedLine),
    }
  }
  const addLine = (): void => {
    draft.value.lines.push({ text: '', detail: '', amount: '', tax: String(shop.policy.taxPct), discount: '' })
  }
  const removeLine = (at: number): void => {
    draft.value.lines.splice(at, 1)
  }
  const number = (typed: string, empty = 0): number => (typed.trim() ? (typedFigure(typed) as number) : empty)
  const body = computed((): BillDraft => {
    const { currency } = shop.policy
    const d = draft.value
    return {
      to: { name: d.to.name, contact: d.to.contact.trim() || null, taxNumber: d.to.taxNumber.trim() || null },
      lines: d.lines.map(l => ({
        text: l.text,
        detail: l.detail.trim() || null,
        minor: moneyTyped(l.amount, currency) as number,
        taxPct: number(l.tax),
        discountPct: number(l.discount),
      })),
      discountMinor: d.discount.trim() ? (moneyTyped(d.discount, currency) as number) : 0,
      tax: d.tax,
      taxWhy: d.tax === 'charged' ? null : d.taxWhy.trim() || null,
      payDays: number(d.payDays),
      words: d.words.trim() || null,
    }
  })
  /** what it comes to, once every figure is one */
  const sum = computed(() => {
    const b = body.value
    const figures = [b.discountMinor, ...b.lines.flatMap(l => [l.minor, l.taxPct, l.discountPct])]
    return figures.every(x => Number.isFinite(x)) ? billSum(b, shop.policy) : null
  })
  const done = (): void => {
    draft.value = blank()
  }
  return { draft, begin, addLine, removeLine, body, sum, done }
}
