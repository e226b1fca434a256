import dayjs from 'dayjs'
import type { ShopPolicy } from '#core/engine/policy'
import { moneyText, toMajor } from '#core/units/money'
import { DAY_SHAPES, figuresIn, shortDay } from '#core/words/locale'
import type { Locale } from '#core/words/locale'
import { paperWord } from '#core/words/paperWords'
import type { PaperWord } from '#core/words/paperWords'
import type { Customer } from '#shared/types/records'

/** How one paper is written: in the owner's language where the shop has written its words, in its own way otherwise. */
export interface Writing {
  locale: Locale
  /** a standing word, filled in */
  say(word: PaperWord, values?: Record<string, string | number>): string
  /** smallest money units, exact */
  cash(minor: number, currency: string): string
  /** major money units; without cents where it is an estimate anyway */
  sum(major: number, currency: string, exact?: boolean): string
  day(at: string | Date): string
  dayTime(at: string | Date): string
  /** without its year */
  shortTime(at: string | Date): string
  /** a sentence of this program, with its figures as they are written here */
  figures(text: string | number): string
}

export function writingFor({ locale, languages }: ShopPolicy, customer?: Pick<Customer, 'language'>): Writing {
  const theirs = languages.find(l => l.name === customer?.language)
  const way = theirs?.locale ?? locale
  const sum = (major: number, currency: string, exact = false): string => moneyText(major, currency, exact, way)
  const day = (at: string | Date): string => dayjs(at).format(DAY_SHAPES[way])
  return {
    locale: way,
    say: (word, values) => paperWord(theirs?.words ?? {}, word, values),
    cash: (minor, currency) => sum(toMajor(minor, currency), currency, true),
    sum,
    day,
    shortTime: at => dayjs(at).format(`${shortDay(way)} HH:mm`),
    dayTime: at => `${day(at)}, ${dayjs(at).format('HH:mm')}`,
    figures: text => figuresIn(String(text), way),
  }
}
