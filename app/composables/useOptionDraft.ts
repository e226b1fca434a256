import { useDebounceFn } from '@vueuse/core'
import { ulid } from 'ulid'
import { proposeWay } from '#core/verdict/causeLines'
import { STARTERS } from '#core/estimate/starters'
import type { Entry } from '#core/entries/types'
import type { OptionBody } from '#core/entries/option/schema'
import { condemned } from '#core/entries/part/standing'
import { LINE_TYPES, MENDING } from '#core/words/deciding'
import type { LineType, Way } from '#core/words/deciding'
import type { PriceRow } from '#shared/types/records'
import type { LineDraft } from '~/composables/useOptionLine'

export interface Draft {
  name: string
  way: Way
  lines: LineDraft[]
  valueAfter: string
  success: string
  comeback: string
  hoursOk: string
  hoursFail: string
  ruledOut: string
  daysDown?: string
}

/** One way to go as it is being written, line by line. */
export function useOptionDraft(props: { base?: Entry; way?: Way }, emit: (name: 'logged', ...args: unknown[]) => void) {
  const sheet = useSheet()

  const listId = useId()

  const { NO_PART, cur, inHours, lineFigure, idle, share, today, bought } = useOptionLine()

  const shownFigure = (type: LineType, value: number | null): string =>
    value === null ? '' : inHours(type) ? String(value) : moneyField(value, cur.value)

  const form = useEntryForm<'option', Draft>({
    kind: 'option',
    slot: props.base?.id ?? `new:${props.way}`,
    base: props.base,
    blank: () => {
      const way = props.way ?? 'repair'
      const starter = STARTERS[way]
      return {
        name: starter.name,
        way,
        lines: proposeWay(way, {
          inForce: sheet.inForce.value,
          facts: sheet.job.value.facts,
          bore: sheet.assessment.value?.newest.bore ?? null,
          stuck: sheet.job.value.stuck,
          policy: sheet.policy.value,
        }).map((l, i) => ({
          id: lineId(i),
          type: l.type,
          text: l.text,
          why: l.why,
          low: shownFigure(l.type, l.low),
          likely: shownFigure(l.type, l.likely),
          high: shownFigure(l.type, l.high),
          chance: l.chance === 1 ? '' : String(Math.round(l.chance * 100)),
          priceKind: l.type === 'part' ? (way === 'donor' ? 'donor' : 'retail') : null,
          cures: l.cures,
          offered: l.offered,
          ...(l.parts && { parts: l.parts, partsSaid: true }),
        })),
        valueAfter: '',
        success: String(Math.round(starter.successChance * 100)),
        comeback: '',
        hoursOk: String(starter.hoursOk),
        hoursFail: String(starter.hoursFail),
        ruledOut: '',
      }
    },
    how: () => null,
    toBody: (d): OptionBody => ({
      name: d.name,
      way: d.way,
      lines: d.lines
        .filter(l => !idle(l))
        .map(l => ({
          id: l.id,
          type: l.type,
          text: l.text,
          why: l.why || null,
          priceKind: l.priceKind,
          likely: lineFigure(l.type, l.likely),
          low: lineFigure(l.type, l.low || l.likely),
          high: lineFigure(l.type, l.high || l.likely),
          chance: share(l.chance),
          cures: l.cures ?? false,
          source: l.source || null,
          pricedOn: l.pricedOn || null,
          lookMin: typedFigure(l.lookMin ?? '') as number | null,
          ...(l.partsSaid && { parts: (l.parts ?? []).filter(k => k !== NO_PART) }),
        })),
      valueAfterMinor: moneyTyped(d.valueAfter, cur.value),
      successChance: share(d.success),
      comebackMinor: moneyTyped(d.comeback || '0', cur.value) ?? 0,
      hoursOk: sendable(figure(d.hoursOk || '0'), d.hoursOk) as number,
      hoursFail: sendable(figure(d.hoursFail || '0'), d.hoursFail) as number,
      daysDown: sendable(figure(d.daysDown || '0'), d.daysDown ?? '') as number,
      ruledOut: d.ruledOut || null,
    }),
    fromBody: b => ({
      name: b.name,
      way: b.way,
      lines: b.lines.map(l => ({
        id: l.id,
        type: l.type,
        text: l.text,
        why: l.why ?? '',
        low: l.low === l.likely ? '' : shownFigure(l.type, l.low),
        likely: shownFigure(l.type, l.likely),
        high: l.high === l.likely ? '' : shownFigure(l.type, l.high),
        chance: l.chance === 1 ? '' : String(Math.round(l.chance * 1000) / 10),
        priceKind: l.priceKind,
        cures: l.cures,
        source: l.source ?? '',
        pricedOn: l.pricedOn ?? '',
        lookMin: figureText(l.lookMin),
        ...(l.parts && { parts: l.parts.length ? l.parts : [NO_PART], partsSaid: true }),
      })),
      valueAfter: moneyField(b.valueAfterMinor, cur.value),
      success: String(Math.round(b.successChance * 1000) / 10),
      comeback: b.comebackMinor ? moneyField(b.comebackMinor, cur.value) : '',
      hoursOk: String(b.hoursOk),
      hoursFail: String(b.hoursFail),
      ruledOut: b.ruledOut ?? '',
      daysDown: b.daysDown ? String(b.daysDown) : '',
    }),
  })

  const { draft } = form

  const condemnedParts = computed(() => condemned(sheet.inForce.value).length > 0)

  const mends = computed(() => MENDING.includes(draft.value.way))

  const lineTypes = computed(
    () =>
      Object.fromEntries(Object.entries(LINE_TYPES).filter(([k]) => k !== 'sale' || !mends.value)) as Record<
        LineType,
        string
      >,
  )

  /** the place of a line among those that were sent */
  const sent = (i: number): number => draft.value.lines.slice(0, i).filter(l => !idle(l)).length

  const fault = (i: number, field: string): string =>
    form.faults.value.find(f => f.field === `body.lines.${sent(i)}.${field}`)?.message ?? ''

  const lineFault = (i: number): string =>
    draft.value.lines[i] && !idle(draft.value.lines[i])
      ? (form.faults.value.find(f => f.field.startsWith(`body.lines.${sent(i)}.`))?.message ?? '')
      : ''

  /** ids of starter lines stay the same while the form is untouched */
  function lineId(i: number): string {
    return String(i).padStart(26, '0')
  }

  /** a price that is typed is of today */
  function priced(l: LineDraft): void {
    if (!inHours(l.type) && l.likely.trim()) l.pricedOn = today
  }

  /** parts of the price lists whose name is being typed */
  const hits = ref<PriceRow[]>([])

  const found = async (typed: string): Promise<PriceRow[]> =>
    typed.trim().length < 2
      ? []
      : (
          await read<{ prices: PriceRow[] }>(`/api/prices?find=${encodeURIComponent(typed.trim())}`).catch(() => ({
            prices: [],
          }))
        ).prices
  const seek = useDebounceFn(async (typed: string) => {
    hits.value = await found(typed)
  }, 150)

  const hitName = (p: PriceRow): string => `${p.name} (${p.number})`

  /** a part that was picked from the list brings its price, kind, source and day */
  async function picked(l: LineDraft): Promise<void> {
    const text = l.text
    if (!bought(l.type)) return
    const named = (p: PriceRow): boolean => hitName(p) === text
    // whoever is quicker than the list is heard all the same
    const hit = hits.value.find(named) ?? (text.endsWith(')') ? (await found(text)).find(named) : undefined)
    if (!hit || l.text !== text || hit.priceMinor === null) return
    Object.assign(l, {
      likely: moneyField(hit.priceMinor, cur.value),
      low: '',
      high: '',
      priceKind: hit.kind,
      source: hit.supplier,
      pricedOn: hit.pricedOn,
    })
  }

  /** what is picked from the list arrives as if it had been typed */
  function typed(l: LineDraft): void {
    if (!bought(l.type)) return
    void seek(l.text)
    void picked(l)
  }

  function add(type: LineType): void {
    draft.value.lines.push({
      id: ulid(),
      type,
      text: '',
      why: '',
      low: '',
      likely: '',
      high: '',
      chance: '',
      priceKind: type === 'part' ? 'retail' : null,
    })
  }

  async function submit(): Promise<void> {
    if (await form.submit()) emit('logged')
  }

  return {
    listId,
    cur,
    inHours,
    idle,
    form,
    draft,
    condemnedParts,
    mends,
    lineTypes,
    fault,
    lineFault,
    priced,
    bought,
    hits,
    hitName,
    typed,
    add,
    submit,
  }
}
