import type { ShopPolicy } from '#core/engine/policy'
import type { BORE, EngineClass, UseClass } from '#core/engine/words'

export interface Draft extends Omit<
  ShopPolicy,
  | 'labourRateMinor'
  | 'taxPct'
  | 'otherTaxPcts'
  | 'payDays'
  | 'firstBill'
  | 'altitudeM'
  | 'sharePct'
  | 'shareBore'
  | 'shareClass'
  | 'standHours'
  | 'warnPct'
  | 'priceDays'
  | 'minChargeMinor'
  | 'roundToMinor'
  | 'backupsKept'
  | 'idleMinutes'
  | 'mixRatio'
  | 'rulesHere'
> {
  mix: string
  idle: string
  warn: string
  kept: string
  priceAge: string
  least: string
  step: string
  stand: string
  rate: string
  tax: string
  taxes: string
  pay: string
  first: string
  altitude: string
  share: Record<UseClass, string>
  byBore: Record<keyof typeof BORE, string>
  byClass: Record<EngineClass, string>
}

/** The shop's rules as they are being changed. */
export function useShopRules() {
  const shop = useShopStore()

  const texts = <K extends string>(figures: Record<K, number>): Record<K, string> =>
    Object.fromEntries(Object.entries(figures).map(([k, v]) => [k, String(v)])) as Record<K, string>

  const numbers = <K extends string>(typed: Record<K, string>): Record<K, number> =>
    Object.fromEntries(Object.entries(typed).map(([k, v]) => [k, typedFigure(v as string) as number])) as Record<
      K,
      number
    >

  const start = ({
    standHours,
    warnPct,
    priceDays,
    minChargeMinor,
    roundToMinor,
    backupsKept,
    idleMinutes,
    mixRatio,
    otherTaxPcts,
    payDays,
    firstBill,
    ...p
  }: ShopPolicy): Draft => ({
    ...p,
    mix: figureText(mixRatio),
    warn: String(warnPct),
    kept: String(backupsKept),
    idle: String(idleMinutes),
    priceAge: String(priceDays),
    least: moneyField(minChargeMinor, p.currency),
    step: moneyField(roundToMinor, p.currency),
    stand: String(standHours),
    rate: moneyField(p.labourRateMinor, p.currency),
    tax: String(p.taxPct),
    taxes: otherTaxPcts.join('; '),
    pay: String(payDays),
    first: String(firstBill),
    altitude: String(p.altitudeM),
    share: texts(p.sharePct),
    byBore: texts(p.shareBore),
    byClass: texts(p.shareClass),
  })

  const draft = ref<Draft>(start(shop.policy))

  /** of the rules as they were read; after somebody else's change, of theirs */
  const version = ref(shop.version)

  const faults = ref<Fault[]>([])

  const message = ref('')

  const saved = ref(false)

  const fault = (field: string): string => faults.value.find(f => f.field === field)?.message ?? ''

  watch(
    draft,
    () => {
      saved.value = false
    },
    { deep: true },
  )

  async function save(): Promise<void> {
    const {
      rate,
      tax,
      taxes,
      pay,
      first,
      altitude,
      share,
      byBore,
      byClass,
      stand,
      warn,
      priceAge,
      least,
      step,
      kept,
      idle,
      mix,
      ...rest
    } = draft.value
    const number = (typed: string): number => typedFigure(typed) as number
    const known = /^[A-Z]{3}$/.test(rest.currency)
    const policy = {
      ...rest,
      mixRatio: typedFigure(mix) as number | null,
      labourRateMinor: known ? safeMoney(rate, rest.currency) : figure(rate),
      minChargeMinor: known ? safeMoney(least || '0', rest.currency) : figure(least),
      roundToMinor: known ? safeMoney(step, rest.currency) : figure(step),
      warnPct: number(warn),
      backupsKept: number(kept),
      idleMinutes: number(idle),
      priceDays: number(priceAge),
      taxPct: number(tax),
      otherTaxPcts: taxes
        .split(/[;\s]+/)
        .filter(Boolean)
        .map(number),
      payDays: number(pay),
      firstBill: number(first),
      standHours: number(stand),
      altitudeM: number(altitude),
      sharePct: numbers(share),
      shareBore: numbers(byBore),
      shareClass: numbers(byClass),
    }
    const outcome = await send<ShopPolicy>('/api/shop/policy', 'PUT', { ...policy, version: version.value })
    message.value = outcome.ok ? '' : outcome.message
    faults.value = outcome.ok ? [] : outcome.faults
    if (outcome.ok) {
      await shop.load()
      draft.value = start(shop.policy)
      version.value = shop.version
      await nextTick()
      saved.value = true
    } else if (outcome.more.version) version.value = outcome.more.version
  }

  /** a currency that is not known yet can't convert; the answer will name it */
  function safeMoney(typed: string, currency: string): number | null {
    try {
      return moneyTyped(typed, currency)
    } catch {
      return figure(typed)
    }
  }

  const RULES = { net_value: 'Most money left', cost_per_hour: 'Least cost an hour', share_of_value: 'Share of value' }

  const RULE_REASONS: Record<ShopPolicy['leadRule'], string> = {
    net_value:
      'What is left after the work, chances counted. It weighs the machine, the spend and the risk together; the default.',
    cost_per_hour: 'For machines that are kept and worked: money for each hour they will still run.',
    share_of_value:
      'The rule owners know best: nothing past a share of the running value. Simple, but blind to what it is worth unmended.',
  }

  return {
    shop,
    draft,
    message,
    saved,
    fault,
    save,
    RULES,
    RULE_REASONS,
  }
}
