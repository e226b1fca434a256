import type { ShopPolicy } from '#core/engine/policy'
import { SCHOOLS } from '#core/engine/schools'
import { BORE, ENGINE_CLASSES, USE_CLASSES } from '#core/engine/words'
import { pinFault } from '#core/people/pin'
import { ROLES } from '#core/people/roles'
import { count, idText, keyOf, shortText, versionText } from '#core/schema/words'
import { LABEL_SIZES, PAPER_SIZES } from '#core/words/bill'
import { LOCALES } from '#core/words/locale'
import type { PaperLanguage, PaperWord } from '#core/words/paperWords'
import { bracesWrong, PAPER_WORDS } from '#core/words/paperWords'
import { z } from 'zod'

export const pinText = z.string({ error: 'PIN: 4 to 8 figures.' }).superRefine((pin, context) => {
  const fault = pinFault(pin)
  if (fault) context.addIssue({ code: 'custom', message: fault })
})
const personFields = {
  name: shortText('Name', 60),
  initials: shortText('Initials', 4),
  active: z.boolean(),
  role: keyOf(ROLES, 'Role'),
  senior: z.boolean({ error: 'Senior: yes or no.' }),
  /** a new one; left out: as it is */
  pin: pinText.nullish(),
}
export const newPersonSchema = z.strictObject({
  ...personFields,
  role: personFields.role.default('bench'),
  senior: personFields.senior.default(false),
  id: idText('Person').nullish(),
})
export const savePersonSchema = z.strictObject({ ...personFields, version: versionText })

/** A share taken again, by what the engine is: 100 leaves it as it is. */
const factors = <W extends Record<string, unknown>>(words: W) =>
  z.strictObject(
    Object.fromEntries(
      Object.entries(words).map(([key, word]) => [
        key,
        z
          .number({ error: `Factor for ${String(word)}: type a figure in per cent.` })
          .min(1, `Factor for ${String(word)} must be at least 1 %.`)
          .max(200, `Factor for ${String(word)} can be at most 200 %.`),
      ]),
    ) as { [K in keyof W]: z.ZodNumber },
  )

/** A language of the papers: each wording keeps what it is filled in with. */
const language: z.ZodType<PaperLanguage> = z.strictObject({
  name: z
    .string({ error: 'Name of the language: type it.' })
    .trim()
    .min(1, 'Name of the language: type it, for example Français.')
    .max(40, 'The name of a language can hold 40 characters.'),
  locale: keyOf(LOCALES, 'Figures and days'),
  words: z.strictObject(
    Object.fromEntries(
      (Object.keys(PAPER_WORDS) as PaperWord[]).map(word => [
        word,
        z
          .string()
          .trim()
          .max(400, 'A wording can hold 400 characters.')
          .superRefine((own, context) => {
            for (const wrong of own ? bracesWrong(word, own) : [])
              context.addIssue({ code: 'custom', message: `‘${PAPER_WORDS[word]}’: ${wrong}.` })
          })
          .optional(),
      ]),
    ) as Record<PaperWord, z.ZodOptional<z.ZodString>>,
  ),
})

export const policySchema: z.ZodType<ShopPolicy & { version: string }> = z.strictObject({
  version: versionText,
  shopName: z.string().trim().max(80, "The shop's name can hold 80 characters."),
  shopAddress: z.string().trim().max(300, 'The address can hold 300 characters.'),
  shopUrl: z
    .string()
    .trim()
    .max(200, 'The address of this program can hold 200 characters.')
    .regex(
      /^(https?:\/\/[^\s/?#]+\/?)?$/,
      'The address of this program: for example http://192.168.1.20:4310, or empty.',
    ),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'Currency: three capital letters, for example EUR.')
    .refine(isCurrency, 'This currency is not known: use its three letters, for example EUR.'),
  labourRateMinor: z
    .number({ error: 'Labour rate: type an amount for an hour.' })
    .int('Labour rate has too many decimals.')
    .min(0, "The labour rate can't be negative.")
    .max(1e8, 'The labour rate is too large: check the decimal point.'),
  taxPct: z
    .number({ error: 'Tax: type a figure in per cent.' })
    .min(0, "Tax can't be negative.")
    .max(100, "Tax can't be more than 100 %."),
  otherTaxPcts: z
    .array(
      z
        .number({ error: 'Other rates of tax: figures in per cent.' })
        .min(0, 'Other rates of tax: none can be negative.')
        .max(100, 'Other rates of tax: 100 % at the most.'),
    )
    .max(6, 'Six other rates of tax are the most.')
    .default([]),
  taxNumber: z.string().trim().max(40, "The shop's tax number can hold 40 characters.").default(''),
  payDays: count('Days until a bill is paid', 0, 365).default(0),
  firstBill: count('Number of the first bill', 1, 1e9).default(1),
  paperSize: keyOf(PAPER_SIZES, 'Paper').default('A4'),
  labelSize: keyOf(LABEL_SIZES, 'Labels').default('w100h62'),
  locale: keyOf(LOCALES, 'Figures and days').default('en-GB'),
  languages: z
    .array(language)
    .max(8, 'Eight languages are the most.')
    .refine(
      all => new Set(all.map(l => l.name.toLowerCase())).size === all.length,
      'Two languages have the same name: each needs its own.',
    )
    .default([]),
  linePrices: z.boolean().default(true),
  altitudeM: z
    .number({ error: 'Height: type metres above the sea.' })
    .min(-500, 'Height must be at least −500 m.')
    .max(5500, 'Height can be at most 5,500 m.'),
  pressureUnit: z.enum(['bar', 'psi', 'kPa']),
  volumeUnit: z.enum(['mL', 'L', 'US_floz']),
  leadRule: z.enum(['net_value', 'cost_per_hour', 'share_of_value']),
  sharePct: z.strictObject(
    Object.fromEntries(
      Object.entries(USE_CLASSES).map(([key, word]) => [
        key,
        z
          .number({ error: `Share for ${word}: type a figure in per cent.` })
          .min(1, `Share for ${word} must be at least 1 %.`)
          .max(200, `Share for ${word} can be at most 200 %.`),
      ]),
    ) as { [K in keyof typeof USE_CLASSES]: z.ZodNumber },
  ),
  shareBore: factors(BORE),
  shareClass: factors(ENGINE_CLASSES),
  fillAim: z.enum(['low', 'middle', 'top']),
  surplusRule: z.enum(['surplus_only', 'change_all']),
  standHours: z
    .number({ error: 'Stand test: type hours.' })
    .min(1, 'A stand test takes at least 1 hour.')
    .max(72, 'A stand test takes at most 72 hours.'),
  labourTogether: z.boolean(),
  warnPct: z
    .number({ error: 'Warning: type a figure in per cent.' })
    .min(10, 'Warn at 10 % or later.')
    .max(100, 'Warn at 100 % at the latest.'),
  priceDays: z
    .number({ error: 'Age of a price: type days.' })
    .int('Age of a price: whole days.')
    .min(1, 'A price holds for at least a day.')
    .max(730, 'A price is stale after two years at the latest.'),
  minChargeMinor: z
    .number({ error: 'Least charge: type an amount.' })
    .int('Least charge has too many decimals.')
    .min(0, "The least charge can't be negative.")
    .max(1e8, 'The least charge is too large.'),
  roundToMinor: z
    .number({ error: 'Rounding: type an amount.' })
    .int('Rounding has too many decimals.')
    .min(1, 'Round to the smallest coin at the least.')
    .max(1e6, 'That is too coarse to round to.'),
  schools: z
    .strictObject(
      Object.fromEntries(
        Object.entries(SCHOOLS).map(([key, school]) => [key, keyOf(school.choices, school.question).optional()]),
      ) as unknown as { [K in keyof typeof SCHOOLS]: z.ZodOptional<z.ZodType<string>> },
    )
    .default({}),
  mixRatio: z
    .number({ error: "The shop's mix: type the parts of fuel to one of oil, for example 40." })
    .min(10, "The shop's mix: 10 : 1 is the richest.")
    .max(100, "The shop's mix: 100 : 1 is the leanest that any maker asks.")
    .nullable()
    .default(null),
  ownOil: z.string().trim().max(120, "The shop's oil can hold 120 characters.").default(''),
  timeZone: z
    .string()
    .trim()
    .max(60)
    .refine(isTimeZone, 'This time zone is not known: for example Europe/Lisbon, or leave it empty.'),
  signers: z.enum(['senior', 'anyone']),
  idleMinutes: z
    .number({ error: 'Time until it is asked who is here: type minutes.' })
    .int('Time until it is asked who is here: whole minutes.')
    .min(1, 'Time until it is asked who is here: a minute at the least.')
    .max(480, 'Time until it is asked who is here: 480 minutes at the most.'),
  backupsKept: z
    .number({ error: 'Backups kept: type how many.' })
    .int('Backups kept: a whole number.')
    .min(0, "Backups kept can't be negative.")
    .max(400, 'Four hundred backups are the most.'),
  backupAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'The nightly hour: for example 02:00.'),
})

function isTimeZone(name: string): boolean {
  if (name === '') return true
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

function isCurrency(code: string): boolean {
  return Intl.supportedValuesOf('currency').includes(code)
}
