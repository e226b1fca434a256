import dayjs from 'dayjs'
import type { Entry } from '#core/entries/types'
import type { OrderBody } from '#core/entries/order/schema'
import type { OutworkBody } from '#core/entries/outwork/schema'
import { HOUR_LINES } from '#core/words/deciding'
import { linesInHand, missing, needs, readyBy } from '#core/parts/needs'
import type { Need } from '#core/parts/needs'
import type { PriceRow } from '#shared/types/records'

/** What a job still needs, and what is ordered of it. */
export function useNeedsList() {
  /** What the way in hand needs, how far each stands, and by when it can be ready. */
  const sheet = useSheet()

  const shop = useShopStore()

  const lines = computed(() =>
    linesInHand(sheet.inForce.value, sheet.assessment.value?.decision.verdict?.bestId ?? null),
  )

  const all = computed(() => needs(lines.value, sheet.inForce.value))

  const open = computed(() => missing(all.value))

  const today = dayjs().format('YYYY-MM-DD')

  const ready = computed(() =>
    readyBy(
      all.value,
      today,
      lines.value.filter(l => HOUR_LINES.includes(l.type) && l.chance >= 1).reduce((sum, l) => sum + l.likely, 0),
    ),
  )

  const picked = ref<string | null>(null)

  const need = computed(() => all.value.find(n => n.text === picked.value))

  const offers = ref<PriceRow[]>([])

  const blank = () => ({
    number: '',
    supplier: '',
    price: '',
    state: 'ordered' as OrderBody['state'],
    orderedOn: today,
    dueOn: '',
    note: '',
    shopName: '',
    workKind: null as NonNullable<OutworkBody['kind']> | null,
    target: '',
    sentOn: '',
    returnedOn: '',
    measured: '',
    verdict: 'open' as OutworkBody['verdict'],
  })

  const draft = reactive(blank())

  const faults = ref<Fault[]>([])

  const message = ref('')

  const fault = (field: string): string => faults.value.find(f => f.field.startsWith(`body.${field}`))?.message ?? ''

  /** the order or outwork that is being changed */
  const base = ref<Entry | null>(null)

  async function pick(n: Need, entry: Entry | null = null): Promise<void> {
    picked.value = picked.value === n.text && base.value === entry ? null : n.text
    base.value = entry
    faults.value = []
    message.value = ''
    offers.value = []
    if (entry?.kind === 'order')
      Object.assign(draft, blank(), {
        number: entry.body.number ?? '',
        supplier: entry.body.supplier,
        price: moneyField(entry.body.priceMinor, shop.policy.currency),
        state: entry.body.state,
        orderedOn: entry.body.orderedOn,
        dueOn: entry.body.dueOn ?? '',
        note: entry.body.note ?? '',
      })
    else if (entry?.kind === 'outwork')
      Object.assign(draft, blank(), {
        shopName: entry.body.shop,
        workKind: entry.body.kind ?? null,
        target: entry.body.target,
        sentOn: entry.body.sentOn ?? '',
        dueOn: entry.body.dueOn ?? '',
        price: moneyField(entry.body.priceMinor, shop.policy.currency),
        returnedOn: entry.body.returnedOn ?? '',
        measured: entry.body.measured ? String(entry.body.measured.value) : '',
        verdict: entry.body.verdict,
        note: entry.body.note ?? '',
      })
    else Object.assign(draft, blank())
    if (n.type === 'part' && picked.value) {
      const word =
        n.text
          .replace(/\(.*\)/, '')
          .trim()
          .split(/[ ,]+/)[0] ?? ''
      offers.value = (
        await read<{ prices: PriceRow[] }>(`/api/prices?find=${encodeURIComponent(word)}`).catch(() => ({ prices: [] }))
      ).prices.slice(0, 6)
    }
  }

  function take(p: PriceRow): void {
    Object.assign(draft, {
      number: p.number,
      supplier: p.supplier,
      price: moneyField(p.priceMinor, shop.policy.currency),
      state: p.priceMinor === null ? 'none' : 'ordered',
      dueOn: p.leadDays === null ? '' : dayjs().add(p.leadDays, 'day').format('YYYY-MM-DD'),
      note: p.supersededBy ? `superseded by ${p.supersededBy}` : '',
    })
  }

  async function submit(): Promise<void> {
    const n = need.value
    if (!n) return
    const priceMinor = moneyTyped(draft.price, shop.policy.currency)
    const outcome =
      n.type === 'part'
        ? await sheet.log({
            kind: 'order',
            how: null,
            supersedes: base.value?.id ?? null,
            body: {
              what: n.text,
              number: draft.number || null,
              supplier: draft.supplier,
              priceMinor,
              state: draft.state,
              orderedOn: draft.orderedOn,
              dueOn: draft.dueOn || null,
              note: draft.note || null,
            },
          })
        : await sheet.log({
            kind: 'outwork',
            how: null,
            supersedes: base.value?.id ?? null,
            body: {
              what: n.text,
              kind: draft.workKind,
              shop: draft.shopName,
              target: draft.target,
              sentOn: draft.sentOn || null,
              dueOn: draft.dueOn || null,
              days: null,
              priceMinor,
              returnedOn: draft.returnedOn || null,
              measured: draft.measured.trim() ? { value: typedFigure(draft.measured) as number, unit: 'mm' } : null,
              verdict: draft.verdict,
              note: draft.note || null,
            },
          })
    faults.value = outcome.ok ? [] : outcome.faults
    message.value = outcome.ok ? '' : outcome.message
    if (!outcome.ok) return
    picked.value = null
    await sheet.reload()
  }

  async function arrived(n: Need): Promise<void> {
    const entry = n.orders.find(o => o.body.state === 'ordered')
    if (!entry) return
    const outcome = await sheet.log({
      kind: 'order',
      how: null,
      supersedes: entry.id,
      body: { ...entry.body, state: 'arrived' },
    })
    message.value = outcome.ok ? '' : outcome.message
    if (outcome.ok) await sheet.reload()
  }

  return { shop, lines, all, open, ready, picked, offers, draft, message, fault, base, pick, take, submit, arrived }
}
