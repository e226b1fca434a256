import type { EngineClass } from '#core/engine/words'
import { didYouMean } from '#core/spec/didYouMean'
import { ruleOfThumb } from '#core/spec/rulesOfThumb'
import type { SpecItem, SpecItemPlan } from '#core/spec/specItems'
import { SPEC_GROUPS, SPEC_ITEMS, SPEC_ITEM_NAMES, UNITS_OF_ITEM, PLAIN_UNITS } from '#core/spec/specItems'
import { conflictsOf, specShownIn } from '#core/spec/specValue'
import { UNITS } from '#core/units/unitTable'
import type { Sheet } from '#shared/types/records'
import type { FigureDraft } from '~/utils/sheetDraft'
import { figureDraft, figureValue, fillDraft, fillValue } from '~/utils/sheetDraft'

export type View = Sheet & { changes: { at: string; by: string | null }[] }

/** One spec sheet as it is being changed: figures by item, each with its source. */
export function useSpecSheet() {
  const shop = useShopStore()

  const id = String(useRoute().params.id)

  const view = ref<View | null>(null)

  const trouble = ref('')

  const name = ref('')

  const engineClass = ref<EngineClass>('S4')

  const figures = ref<FigureDraft[]>([])

  const fill = ref(fillDraft(null))

  const { faults, message, saved, version, keep } = useKeep(`/api/specs/${id}`, load)

  useHead({ title: () => view.value?.name ?? 'Spec sheet' })

  async function load(): Promise<void> {
    try {
      const v = await read<View>(`/api/specs/${id}`)
      view.value = v
      version.value = v.version
      name.value = v.name
      engineClass.value = v.engineClass
      figures.value = v.values.map(figureDraft)
      fill.value = fillDraft(v.fill)
    } catch (error) {
      trouble.value = (error as Error).message
    }
  }

  onMounted(load)

  const two = computed(() => engineClass.value === 'H2' || engineClass.value === 'V2')

  const groups = computed(() =>
    (Object.keys(SPEC_GROUPS) as SpecItemPlan['group'][])
      .map(group => ({
        group,
        items: SPEC_ITEM_NAMES.filter(item => SPEC_ITEMS[item].group === group && fitsCycle(item)),
      }))
      .filter(g => g.items.length),
  )

  function fitsCycle(item: SpecItem): boolean {
    const plan: SpecItemPlan = SPEC_ITEMS[item]
    return !plan.cycle || (plan.cycle === 'two') === two.value || figures.value.some(f => f.item === item)
  }

  const of = (item: SpecItem): { f: FigureDraft; i: number }[] =>
    figures.value.map((f, i) => ({ f, i })).filter(({ f }) => f.item === item)

  const unitsOf = (item: SpecItem): Record<string, string> =>
    Object.fromEntries(
      (UNITS_OF_ITEM[SPEC_ITEMS[item].unit] ?? [SPEC_ITEMS[item].unit]).map(u => [
        u,
        UNITS[u]?.label ?? PLAIN_UNITS[u] ?? u,
      ]),
    )

  const usualUnit = (item: SpecItem): string =>
    SPEC_ITEMS[item].unit === 'kPa'
      ? shop.policy.pressureUnit
      : SPEC_ITEMS[item].unit === 'mL'
        ? shop.policy.volumeUnit
        : (UNITS_OF_ITEM[SPEC_ITEMS[item].unit]?.[0] ?? SPEC_ITEMS[item].unit)

  const thumb = (item: SpecItem): string => {
    const value = ruleOfThumb(item, engineClass.value, null)
    return value === undefined ? '' : specShownIn(value, SPEC_ITEMS[item].unit, usualUnit(item))
  }

  const conflicts = computed(
    () => new Set(conflictsOf(figures.value.map(figureValue).filter(v => typeof v.value === 'number'))),
  )

  const fault = (i: number): string => faults.value.find(f => f.field.startsWith(`values.${i}.`))?.message ?? ''

  const choiceFault = (i: number): string =>
    faults.value.find(f => f.field === `values.${i}.chosenWhy` || f.field === `values.${i}.chosen`)?.message ?? ''

  const doubt = (f: FigureDraft) => {
    const value = figure(f.value)
    return value === null || Number.isNaN(value) ? null : didYouMean(f.item, value, f.unit)
  }

  function add(item: SpecItem): void {
    figures.value.push({
      item,
      value: '',
      unit: usualUnit(item),
      source: of(item).length ? 'book' : 'maker',
      note: '',
      year: '',
      checkedBy: null,
      chosen: false,
      chosenWhy: '',
    })
  }

  /** a figure that was changed has to be compared with its source again */
  const touch = (f: FigureDraft): void => {
    f.checkedBy = null
  }

  function choose(picked: FigureDraft): void {
    for (const { f } of of(picked.item)) f.chosen = f === picked && !picked.chosen
  }

  async function save(): Promise<void> {
    await keep(by => {
      figures.value = figures.value.filter(f => f.value.trim())
      return {
        name: name.value,
        engineClass: engineClass.value,
        values: figures.value.map(figureValue),
        fill: fillValue(fill.value),
        by,
      }
    })
  }

  return {
    shop,
    id,
    view,
    trouble,
    name,
    engineClass,
    figures,
    fill,
    faults,
    message,
    saved,
    two,
    groups,
    of,
    unitsOf,
    thumb,
    conflicts,
    fault,
    choiceFault,
    doubt,
    add,
    touch,
    choose,
    save,
  }
}
