import type { MeterBody } from '#core/entries/meter/schema'
import type { MeterDraft } from '~/components/RunningTime.vue'

export const blankMeter = (): MeterDraft => ({
  reading: '',
  unit: 'h',
  source: 'measured',
  day: '',
  week: '',
  months: '',
})
export const meterSaid = (d: MeterDraft): boolean => Boolean(d.reading.trim() || d.day.trim())

export function meterBody(d: MeterDraft): MeterBody {
  const number = (text: string): number => typedFigure(text) as number
  const pattern =
    d.source === 'estimated' && d.day.trim() && d.week.trim() && d.months.trim()
      ? { hoursPerDay: number(d.day), daysPerWeek: number(d.week), months: number(d.months) }
      : null
  return { reading: typedFigure(d.reading) as number | null, unit: d.unit, source: d.source, pattern }
}

export const meterDraft = (b: MeterBody): MeterDraft => ({
  reading: figureText(b.reading),
  unit: b.unit,
  source: b.source,
  day: figureText(b.pattern?.hoursPerDay),
  week: figureText(b.pattern?.daysPerWeek),
  months: figureText(b.pattern?.months),
})
