import { useLocalStorage } from '@vueuse/core'
import dayjs from 'dayjs'
import { InputError } from '#core/errors'
import type { BodyOf, EntryKind } from '#core/entries/types'
import type { HowGot } from '#core/log/words'
import { fuelAge } from '#core/mix/fuelAge'
import type { FuelType } from '#core/mix/fuelAge'
import type { MixAsk } from '#core/mix/mixPlan'
import { mixPlan } from '#core/mix/mixPlan'
import { mixStepRicher } from '#core/mix/mixSchools'
import type { RicherReason } from '#core/mix/mixSchools'
import { convert } from '#core/units/unitConvert'
import { quantityText } from '#core/units/unitRound'

/** What the page begins with. */
const blankMix = () => ({
  task: 'make' as 'make' | 'right' | 'blend',
  maker: '50',
  wanted: '',
  total: '5',
  totalUnit: 'L',
  fuel: '',
  fuelUnit: 'L',
  oil: '',
  oilUnit: 'mL',
  can: '5',
  canUnit: 'L',
  rest: '',
  restUnit: 'L',
  restRatio: '',
  fresh: '',
  freshUnit: 'L',
  reasons: [] as RicherReason[],
  year: '100',
  oilPrice: '14',
  plugPrice: '5',
  plugs: '2',
  fuelType: 'e10' as FuelType,
  days: '',
  stabilised: false,
  usedOil: '',
  usedFuel: '',
  bandLo: '30',
  bandHi: '60',
})
export type MixTyped = ReturnType<typeof blankMix>

/** A can being mixed, put right or blended, as it is typed. */
export function useMixBench() {
  const shop = useShopStore()

  useHead({ title: 'Mix' })

  /** everything typed here is found again the next time */
  const f = useLocalStorage('remedium:mix', blankMix, { mergeDefaults: true, listenToStorageChanges: false })

  const TASKS = { make: 'Make a can', right: 'Put one right', blend: 'Blend a remainder' } as const

  const REASONS: Record<RicherReason, string> = {
    break_in: 'running in',
    hard_use: 'hard use',
    hot_weather: 'hot weather',
  }

  const show = (ml: number): string => (ml >= 1000 ? quantityText(convert(ml, 'mL', 'L'), 'L') : quantityText(ml, 'mL'))

  class Unclear extends Error {
    constructor(
      readonly field: string,
      message: string,
    ) {
      super(message)
    }
  }

  function need(
    text: string,
    field: string,
    what: string,
    { unit = '', zero = false, min = 0, max = 1e6 } = {},
  ): number {
    const value = figure(text)
    if (value === null) throw new Unclear(field, `${what}: type a figure.`)
    if (Number.isNaN(value)) throw new Unclear(field, `${what}: “${text}” is not a figure.`)
    const inner = unit ? convert(value, unit, 'mL') : value
    if (inner < min || (inner === 0 && !zero))
      throw new Unclear(field, `${what} must be ${min ? `at least ${min}` : 'more than nothing'}.`)
    if (inner > max) throw new Unclear(field, `${what} is too much: check the unit and the decimal point.`)
    return inner
  }

  const makerRatio = computed(() => figure(f.value.maker))

  const richer = computed(() =>
    makerRatio.value && makerRatio.value >= 8 && makerRatio.value <= 200
      ? mixStepRicher({ baseRatio: makerRatio.value, reasons: f.value.reasons, floorRatio: 16 })
      : null,
  )

  /** the shop's own mix, where it is not leaner than the maker's */
  const shops = computed(() => {
    const own = shop.policy.mixRatio
    return own !== null && makerRatio.value !== null && own <= makerRatio.value ? own : null
  })

  function ask(): MixAsk {
    const v = f.value
    const maker = need(v.maker, 'maker', "The maker's ratio", { min: 8, max: 200 })
    const wanted = v.wanted.trim()
      ? need(v.wanted, 'wanted', 'The ratio wanted', { min: 8, max: 200 })
      : Math.min(richer.value?.ratio ?? maker, shops.value ?? maker)
    const both = { makerRatio: maker, wantedRatio: wanted }
    if (v.task === 'make')
      return { task: 'make', ...both, totalMl: need(v.total, 'total', 'The can to fill', { unit: v.totalUnit }) }
    const canMl = need(v.can, 'can', 'What the can holds', { unit: v.canUnit })
    if (v.task === 'right')
      return {
        task: 'right',
        ...both,
        canMl,
        fuelMl: need(v.fuel, 'fuel', 'Fuel in the can', { unit: v.fuelUnit, zero: true }),
        oilMl: need(v.oil, 'oil', 'Oil in it', { unit: v.oilUnit, zero: true }),
      }
    return {
      task: 'blend',
      ...both,
      canMl,
      remainderMl: need(v.rest, 'rest', 'What is left', { unit: v.restUnit, zero: true }),
      remainderRatio: v.restRatio.trim()
        ? need(v.restRatio, 'restRatio', "The remainder's ratio", { min: 1, max: 1000 })
        : null,
      freshFuelMl: need(v.fresh, 'fresh', 'Fresh fuel', { unit: v.freshUnit, zero: true }),
    }
  }

  const FIELD_OF: Record<string, string> = {
    wantedRatio: 'wanted',
    fuel_ml: 'fuel',
    capacity_ml: 'can',
    freshFuelMl: 'fresh',
    fresh_fuel_ml: 'fresh',
  }

  const result = computed(() => {
    try {
      const asked = ask()
      return { asked, plan: mixPlan(asked, show), field: '', message: '' }
    } catch (error) {
      if (error instanceof InputError)
        return { asked: null, plan: null, field: FIELD_OF[error.field] ?? error.field, message: error.message }
      if (error instanceof Unclear) return { asked: null, plan: null, field: error.field, message: error.message }
      throw error
    }
  })

  const fault = (field: string): string => (result.value.field === field ? result.value.message : '')

  const plan = computed(() => result.value.plan)

  const drawnCan = computed(() =>
    result.value.asked?.task === 'make' ? result.value.asked.totalMl : (result.value.asked?.canMl ?? 5000),
  )

  const age = computed(() => {
    const days = figure(f.value.days)
    return days === null || Number.isNaN(days) || days < 0
      ? null
      : fuelAge({ days, fuelType: f.value.fuelType, stabilised: f.value.stabilised }).state
  })

  const label = computed(() => {
    const a = result.value.asked
    if (!a || !plan.value) return null
    const total =
      a.task === 'make'
        ? a.totalMl
        : plan.value.layers.fuelMl + plan.value.layers.oilMl - plan.value.layers.drainMl + (plan.value.pourMl ?? 0)
    return `/api/labels/mix.pdf?${new URLSearchParams({ ratio: String(a.wantedRatio), totalMl: String(Math.round(total)), made: dayjs().format('YYYY-MM-DD'), by: shop.person?.initials ?? '', fuel: f.value.fuelType }).toString()}`
  })

  /** A can as it is becomes a finding; what is to be poured becomes a line on the log. */
  function toJob(): { kind: EntryKind; how: HowGot | null; body: BodyOf[EntryKind] } | null {
    const a = result.value.asked
    if (!a || !plan.value) return null
    if (a.task === 'right')
      return {
        kind: 'mix',
        how: 'estimated',
        body: {
          fuel: { value: figure(f.value.fuel) as number, unit: f.value.fuelUnit },
          oil: { value: figure(f.value.oil) as number, unit: f.value.oilUnit },
          makerRatio: a.makerRatio,
          fuelType: age.value ? f.value.fuelType : null,
          fuelDays: age.value ? figure(f.value.days) : null,
          stabilised: f.value.stabilised,
          note: null,
        },
      }
    return {
      kind: 'note',
      how: null,
      body: { stage: 'build', text: `${plan.value.headline} ${plan.value.steps.join(' ')}`.slice(0, 2000) },
    }
  }

  function toggle(reason: RicherReason): void {
    f.value.reasons = f.value.reasons.includes(reason)
      ? f.value.reasons.filter(r => r !== reason)
      : [...f.value.reasons, reason]
  }

  return {
    shop,
    f,
    TASKS,
    REASONS,
    show,
    makerRatio,
    shops,
    richer,
    ask,
    result,
    fault,
    plan,
    drawnCan,
    age,
    label,
    toJob,
    toggle,
  }
}
