import { charged } from '#core/verdict/spend'
import type { SimResult } from '#core/estimate/simulate'
import { moneyText, toMajor, toMinor } from '#core/units/money'
import type { ApprovalBody } from '#core/entries/approval/schema'
import { keptOf } from '#core/entries/kept'
import type { FormName } from './useJobSheet'
import type { Way } from '#core/words/deciding'

/** The ways of a job as they are weighed and agreed to. */
export function useDeciding() {
  const sheet = useSheet()

  const shop = useShopStore()

  const options = computed(() => keptOf(sheet.inForce.value).option)

  const decision = computed(() => sheet.assessment.value?.decision)

  const verdict = computed(() => decision.value?.verdict)

  const chosen = useChosenWay(sheet.job.value.id)

  const adding = ref<Way | null>(null)

  const base = computed(() => options.value.find(o => o.id === chosen.value) ?? options.value[0])

  const cash = (x: number, exact = false): string => moneyText(x, shop.policy.currency, exact)

  /** the option under the editor, also while it is being typed */
  const judged = computed(
    () =>
      decision.value?.options.find(o => o.entryId === base.value?.id) ??
      decision.value?.options.find(o => o.name === base.value?.body.name),
  )

  const approved = computed(() => sheet.assessment.value?.approved)

  watch(
    sheet.correction,
    entry => {
      if (entry?.kind === 'option') {
        pick(entry.id)
        sheet.correction.value = null
      }
    },
    { immediate: true },
  )

  function pick(id: string): void {
    if (options.value.some(o => o.id === id)) {
      chosen.value = id
      adding.value = null
    }
  }

  function afterLog(): void {
    const logged = sheet.lastLogged.value
    if (logged) chosen.value = logged.id
    adding.value = null
  }

  /** what it is charged at: the shop's least charge and step */
  const charge = (x: number): number =>
    toMajor(charged(toMinor(x, shop.policy.currency), shop.policy), shop.policy.currency)

  const look = computed(() => verdict.value?.looks[0])

  const nameOf = (id: string): string => decision.value?.options.find(o => o.entryId === id)?.name ?? ''

  /** ten thousand draws in the worker, drawn again when the logged lines change */
  const draws = shallowRef<SimResult[]>([])

  watch(
    () => [options.value.map(o => o.id).join(), sheet.inForce.value.length, shop.policy],
    () => {
      void drawWays(sheet.file.value).then(
        d => {
          draws.value = d
        },
        () => {
          draws.value = []
        },
      )
    },
    { immediate: true },
  )

  const shares = computed(() =>
    draws.value
      .map(d => ({ ...d, name: nameOf(d.id) || decision.value?.fallback.name || '' }))
      .filter(d => d.bestShare > 0.005)
      .sort((a, b) => b.bestShare - a.bestShare),
  )

  /** a way that gives the engine up is among them: then it is asked what to keep */
  const givesUp = computed(() =>
    options.value.some(o => o.body.way === 'part_out' || o.body.way === 'scrap' || o.body.way === 'new_engine'),
  )

  /** what is asked of the machine before an engine is chosen */
  const { tabs: CHECKS } = useJobTabs(sheet)

  const checking = ref<FormName | null>(null)

  watch(
    () => [sheet.form.value, sheet.correction.value?.kind] as const,
    wanted => {
      const form = CHECKS.value.find(t => wanted.includes(t.form))?.form
      if (form) checking.value = form
    },
    { immediate: true },
  )

  const dialog = ref(false)

  const agree = reactive({ agreedBy: '', how: 'in_person' as ApprovalBody['how'], conditions: '' })

  const message = ref('')

  function askAgree(): void {
    agree.agreedBy ||= sheet.job.value.customer.name
    message.value = ''
    dialog.value = true
  }

  async function freeze(): Promise<void> {
    const option = decision.value?.options.find(o => o.entryId === base.value?.id)
    if (!option || !base.value) return
    const { name, way, lines } = base.value.body
    const { mean, p10, p50, p90 } = option
    const { currency, labourRateMinor, taxPct } = shop.policy
    const outcome = await sheet.log({
      kind: 'approval',
      how: null,
      body: {
        optionEntryId: option.entryId,
        agreedBy: agree.agreedBy,
        how: agree.how,
        conditions: agree.conditions || null,
        frozen: {
          name,
          way,
          lines,
          currency,
          labourRateMinor,
          taxPct,
          mean,
          p10,
          p50,
          p90,
          reasons: verdict.value?.reasons ?? [],
        },
      },
    })
    if (outcome.ok) dialog.value = false
    else message.value = outcome.faults[0]?.message ?? outcome.message
  }

  return {
    sheet,
    shop,
    options,
    decision,
    verdict,
    chosen,
    adding,
    base,
    cash,
    judged,
    approved,
    pick,
    afterLog,
    charge,
    look,
    nameOf,
    draws,
    shares,
    givesUp,
    CHECKS,
    checking,
    dialog,
    agree,
    message,
    askAgree,
    freeze,
  }
}
