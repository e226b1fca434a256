import { useLocalStorage } from '@vueuse/core'
import type { Entry } from '#core/entries/types'
import type { OilBody, OilReading } from '#core/entries/oil/schema'
import type { OilKindBody } from '#core/entries/oil_kind/schema'
import type { JobFile } from '#core/entries/file'
import type { EngineFacts } from '#core/engine/facts'
import { UNASKED } from '#core/engine/facts'
import { fillMarks } from '#core/oil/fillMarks'
import { judgeOil } from '#core/entries/oil/judge'
import { judgeOilUse } from '#core/entries/oil_use/judge'
import { oilFits } from '#core/entries/oil_kind/oilFits'
import { oilTilt } from '#core/oil/oilTilt'
import type { SpecValue } from '#core/spec/specValue'
import { shownIn } from '#core/units/unitRound'

export interface Typed {
  task: 'level' | 'use' | 'fits' | 'tilt'
  glass: boolean
  capacity: string
  low: string
  full: string
  unit: string
  by: 'marks' | 'dry' | 'volume'
  pct: number | null
  drained: string
  colour: OilBody['colour']
  thickness: OilBody['thickness']
  smell: OilBody['smell']
  glitter: OilBody['glitter']
  topped: string
  over: string
  span: 'h' | 'km'
  perWeek: string
  what: OilKindBody['what']
  wetClutch: OilKindBody['wetClutch']
  antiWear: OilKindBody['antiWear']
  clutch: EngineFacts['clutch']
  followers: EngineFacts['followers']
  mm: string
  deg: string
  offset: string
  lean: string
}

/** What the oil page works out from what is typed on it. */
export function useOilBench() {
  /** Oil without a job: level to volume, what colour and smell mean, what it uses, and whether an oil fits. */
  useHead({ title: 'Oil' })

  const shop = useShopStore()

  const blank = (): Typed => ({
    task: 'level',
    glass: false,
    capacity: '',
    low: '',
    full: '',
    unit: shop.policy.volumeUnit,
    by: 'marks',
    pct: null,
    drained: '',
    colour: null,
    thickness: null,
    smell: null,
    glitter: null,
    topped: '',
    over: '',
    span: 'h',
    perWeek: '',
    what: 'engine',
    wetClutch: 'unknown',
    antiWear: 'unknown',
    clutch: 'none',
    followers: 'unknown',
    mm: '',
    deg: '',
    offset: '',
    lean: '',
  })

  const t = useLocalStorage<Typed>('remedium:oil', blank, { mergeDefaults: true, listenToStorageChanges: false })

  const given = (text: string): number | null => {
    const value = figure(text)
    return value === null || Number.isNaN(value) || value < 0 ? null : value
  }

  const spec = computed(() =>
    (
      [
        ['oil_capacity', t.value.capacity],
        ['oil_full_mark', t.value.full],
        ['oil_low_mark', t.value.low],
      ] as const
    ).flatMap(([item, text]): SpecValue[] => {
      const value = given(text)
      return value
        ? [{ item, value, unit: t.value.unit, source: 'maker', note: null, year: null, checkedBy: null, chosen: false }]
        : []
    }),
  )

  const facts = computed((): EngineFacts => ({
    engineClass: 'S4',
    cycle: 'four',
    displacementCc: null,
    cylinders: 1,
    oiling: 'splash',
    oilShows: t.value.glass ? 'window' : 'stick_screwed',
    release: 'unknown',
    bore: 'unknown',
    fuelFeed: 'unknown',
    cooling: 'unknown',
    mixRatio: null,
    ...UNASKED,
    clutch: t.value.clutch,
    followers: t.value.followers,
  }))

  const file = computed((): JobFile => ({
    machineKind: 'other',
    facts: facts.value,
    spec: spec.value,
    fill: null,
    entries: [],
    history: [],
    policy: shop.policy,
    counts: null,
  }))

  const marks = computed(() => fillMarks(facts.value, spec.value))

  const reading = computed((): OilReading | null => {
    if (t.value.by === 'dry') return { by: 'dry' }
    if (t.value.by === 'marks') return t.value.pct === null ? null : { by: 'marks', pct: t.value.pct }
    const value = given(t.value.drained)
    return value === null ? null : { by: 'volume', amount: { value, unit: t.value.unit } }
  })

  const oilBody = computed(
    (): OilBody | null =>
      reading.value && {
        reading: reading.value,
        colour: t.value.colour,
        thickness: t.value.thickness,
        smell: t.value.smell,
        glitter: t.value.glitter,
        whereGone: null,
        note: null,
      },
  )

  const stamp = <K extends Entry['kind']>(kind: K, body: Extract<Entry, { kind: K }>['body']) =>
    ({
      id: kind,
      kind,
      at: new Date().toISOString(),
      by: '',
      how: 'by_eye',
      supersedes: null,
      body,
    }) as unknown as Extract<Entry, { kind: K }>

  const level = computed(() => oilBody.value && judgeOil(stamp('oil', oilBody.value), file.value))

  const use = computed(() => {
    const [topped, over] = [given(t.value.topped), given(t.value.over)]
    if (!topped || !over) return null
    const body = {
      topped: { value: topped, unit: t.value.unit },
      over,
      unit: t.value.span,
      perWeek: given(t.value.perWeek),
      note: null,
    }
    return {
      body,
      judged: judgeOilUse(stamp('oil_use', body), file.value, oilBody.value ? [stamp('oil', oilBody.value)] : []),
    }
  })

  const fits = computed(() =>
    oilFits({ what: t.value.what, wetClutch: t.value.wetClutch, antiWear: t.value.antiWear }, facts.value),
  )

  const tilt = computed(() => {
    const [mm, deg, offset, lean] = [t.value.mm, t.value.deg, t.value.offset, t.value.lean].map(text => figure(text))
    if (
      mm === null ||
      deg === null ||
      offset === null ||
      [mm, deg, offset].some(v => v === undefined || Number.isNaN(v)) ||
      (deg ?? 0) > 30
    )
      return null
    return oilTilt({
      readingMm: mm ?? 0,
      tiltDeg: deg ?? 0,
      offsetMm: offset ?? 0,
      stickLeanDeg: lean ?? 0,
      sumpLengthMm: null,
    })
  })

  const show = (ml: number): string => shownIn(ml, 'mL', shop.policy.volumeUnit)

  const TASKS = {
    level: 'Level and condition',
    use: 'What it uses',
    fits: 'Does this oil fit?',
    tilt: 'Machine not level',
  }

  const SWATCHES = {
    honey: '#d9a441',
    brown: '#7a4a1c',
    black: '#1d1611',
    silvery: 'linear-gradient(135deg,#8f8f8d,#e4e4e2,#8b8b89)',
    milky: '#cfc3ad',
  }

  const pct = computed({
    get: () => (t.value.by === 'marks' ? t.value.pct : (level.value?.positionPct ?? null)),
    set: p => {
      Object.assign(t.value, { by: 'marks', pct: p })
    },
  })

  return { t, marks, oilBody, level, use, fits, tilt, show, TASKS, SWATCHES, pct }
}
