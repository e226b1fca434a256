import { assess } from '#core/assess'
import type { Entry } from '#core/entries/types'
import { keptOf } from '#core/entries/kept'
import { asBuilt } from '#core/handover/asBuilt'
import { toldWords } from '#core/handover/handBack'
import { describe } from '#core/entries/say'
import type { ShopPolicy } from '#core/engine/policy'
import { BORE, CYCLES, MACHINE_KINDS, OILING } from '#core/engine/words'
import { CLAIM_STATES } from '#core/words/counter'
import { HOW_GOT } from '#core/log/words'
import { basisWords } from '#core/condition/basisWords'
import { careText } from '#core/handover/careText'
import { RULE_WORDS } from '#core/verdict/verdict'
import type { JobView, Person } from '#shared/types/records'
import { fileOf } from '../db/jobs'
import { lines, signatures } from './lineTable'
import { meterText } from '../db/machines'
import { head, heading, printable, rule, SECOND, standing, TABLE_LAYOUT } from './pdf'
import { writingFor } from './writing'

/** The record of a job for the owner and the file: what was said, found, judged, weighed and agreed. */
export function jobRecord(
  view: JobView,
  policy: ShopPolicy,
  people: Person[],
  printedAt: Date,
  picture: (photoId: string) => Buffer | null = () => null,
) {
  const assessment = assess(fileOf(view, policy))
  const current = new Set(assessment.inForce)
  const inForce = view.entries.filter(e => current.has(e.id))
  const who = (id: string): string => people.find(p => p.id === id)?.initials ?? '?'
  const { decision, approved, stops } = assessment
  const tag = `T ${view.number}`
  const facts = [
    MACHINE_KINDS[view.machine.kind].label,
    CYCLES[view.facts.cycle],
    view.facts.displacementCc && `${view.facts.displacementCc} cc`,
    `oiling: ${OILING[view.facts.oiling]}`,
    `bore: ${BORE[view.facts.bore]}`,
    meterText(view.machine),
  ].filter(Boolean)
  const file = fileOf(view, policy)
  const write = writingFor(policy)
  const { sum, day, dayTime, shortTime, figures } = write
  const built = asBuilt(inForce, policy)
  const said = [
    ...keptOf(inForce).complaint,
    ...keptOf(inForce).claim,
    ...keptOf(inForce).meter,
    ...keptOf(inForce).inventory,
    ...keptOf(inForce).terms,
  ]
  const checks = keptOf(inForce).claim_check.toReversed()
  const notes = keptOf(inForce).note

  return {
    info: { title: `${tag} ${printable(view.machine.name)}`, author: printable(policy.shopName) },
    foot: printable(`${policy.shopName || 'Remedium'} · ${tag} · printed ${dayTime(printedAt)}`),
    content: [
      ...head(policy.shopName, policy.shopAddress, `Job record ${tag}`, `booked in ${day(view.createdAt)}`),
      { text: printable(view.machine.name), bold: true, fontSize: 13 },
      { text: printable(`${view.customer.name}${view.customer.contact ? `, ${view.customer.contact}` : ''}`) },
      { text: printable(facts.join(' · ')), color: SECOND, fontSize: 9 },
      ...standing(
        stops,
        assessment.closed ? 'Handed back with this standing' : 'Must not be done',
        id => people.find(p => p.id === id)?.name ?? '?',
        toldWords(inForce),
      ),
      ...section(
        'Not readable',
        view.unreadable.map(
          u =>
            `An entry of ${dayTime(u.at)} (${u.kind}) stands on the log and can't be read: it is left out of all that follows.`,
        ),
      ),
      ...section(
        'What was said',
        said.map(
          e =>
            `${describe(e, policy).title}: ${describe(e, policy).text}${e.kind === 'claim' ? ` (${CLAIM_STATES[checks.find(c => c.body.claimId === e.id)?.body.state ?? 'never_checked'].toLowerCase()})` : ''}`,
        ),
      ),
      ...findings(),
      ...section(
        'Checks of the catalogue',
        keptOf(inForce).check.map(
          e =>
            `${shortTime(e.at)} ${describe(e, policy).title}: ${describe(e, policy).text}${e.how ? ` (${HOW_GOT[e.how]})` : ''}`,
        ),
      ),
      ...options(),
      ...agreement(),
      ...section(
        'Done and noted',
        notes.map(e => `${describe(e, policy).title}: ${e.body.text}`),
      ),
      ...section(
        'As built',
        built.sections.flatMap(s => s.lines.map(l => `${s.title}: ${l.text} (${who(l.by)})`)).concat(built.missing),
      ),
      ...section(
        'What it was',
        keptOf(inForce).cause_found.map(e => describe(e, policy).text),
      ),
      ...section(
        'Still owed',
        assessment.owed.map(o => o.text),
      ),
      ...section(
        'Refused or put off, and what it risks',
        keptOf(inForce).refused.map(e => describe(e, policy).text),
      ),
      ...section('Care', careText(file)),
      ...photos(),
      ...section(
        'Handed back',
        keptOf(inForce).hand_back.map(e => `${day(e.at)}: ${describe(e, policy).text}`),
      ),
      ...log(),
      rule(),
      {
        text: "Figures marked “rule of thumb” are not the maker's and condemn nothing. Likely costs are estimates; what was agreed is printed as it was shown. Waste oil and fuel go to their own cans: follow your local rules.",
        fontSize: 8,
        color: SECOND,
      },
    ],
  }

  function section(title: string, lines: string[]): unknown[] {
    const [first, ...rest] = lines.map(text => ({ text: printable(text), margin: [0, 0, 0, 2] }))
    // a title is never left alone at the foot of a page
    return first ? [{ stack: [heading(title), first], unbreakable: true }, ...rest] : []
  }

  function findings(): unknown[] {
    if (!assessment.judgements.length) return []
    const rows = assessment.judgements.map(j => {
      const entry = inForce.find(e => e.id === j.entryId)
      return [
        { text: entry ? shortTime(entry.at) : '', color: SECOND, fontSize: 9 },
        {
          stack: [
            { text: printable(figures(j.headline)), bold: true },
            ...j.details.map(text => ({ text: printable(figures(text)), fontSize: 9 })),
          ],
        },
        { text: entry?.how ? HOW_GOT[entry.how] : '', color: SECOND, fontSize: 9 },
      ]
    })
    return [
      heading('What was found'),
      { table: { widths: [62, '*', 60], body: rows }, layout: TABLE_LAYOUT },
      { text: basisWords(assessment.basis), fontSize: 9, color: SECOND, margin: [0, 3, 0, 0] },
    ]
  }

  /** Pictures two in a row, with their words. */
  function photos(): unknown[] {
    const kept = keptOf(inForce).photo.flatMap(e => {
      const data = picture(e.body.photoId)
      return data
        ? [
            {
              stack: [
                { image: `data:image/jpeg;base64,${data.toString('base64')}`, fit: [240, 180] },
                { text: printable(e.body.caption ?? ''), fontSize: 9, color: SECOND },
              ],
              margin: [0, 0, 0, 6],
            },
          ]
        : []
    })
    const rows = Array.from({ length: Math.ceil(kept.length / 2) }, (_, i) => ({
      columns: kept.slice(2 * i, 2 * i + 2),
      columnGap: 14,
    }))
    return rows.length ? [heading('Photos'), ...rows] : []
  }

  function options(): unknown[] {
    if (!decision.options.length) return []
    const cash = (x: number): string => sum(x, policy.currency)
    const header = ['Way to go', 'Likely', '8 in 10', 'Leaves', 'Per hour', 'Remark'].map((text, i) => ({
      text,
      color: SECOND,
      fontSize: 9,
      alignment: i > 0 && i < 5 ? 'right' : 'left',
    }))
    const rows = decision.options.map(o => {
      const remark = o.ruledOut
        ? `ruled out: ${o.ruledOut}`
        : !o.mends
          ? `brings ${cash(o.brings)}`
          : !o.allowed
            ? "past the owner's cap"
            : o.sharePct !== null && !o.withinShare
              ? `${Math.round(o.sharePct)} % of its value`
              : ''
      const best = o.entryId === decision.verdict?.bestId
      return [
        { text: printable(o.name), bold: best },
        { text: cash(o.mean), alignment: 'right' },
        { text: `${cash(o.p10)} – ${cash(o.p90)}`, alignment: 'right' },
        { text: cash(o.net), alignment: 'right' },
        { text: o.costPerH === null ? '' : sum(o.costPerH, policy.currency, true), alignment: 'right' },
        { text: printable(remark), fontSize: 9 },
      ]
    })
    const { verdict } = decision
    return [
      heading('Ways to go'),
      { table: { headerRows: 1, widths: ['*', 46, 84, 46, 48, 120], body: [header, ...rows] }, layout: TABLE_LAYOUT },
      ...(verdict
        ? [
            {
              text: [
                { text: `The bench says: ${printable(verdict.headline)}. `, bold: true },
                `Chosen by ${RULE_WORDS[verdict.rule]}. `,
                printable([...verdict.reasons, ...verdict.disagreements].join(' ')),
              ],
              margin: [0, 6, 0, 3],
            },
            ...(verdict.flipWords.length
              ? [
                  { text: 'What would change it', color: SECOND, fontSize: 9 },
                  ...verdict.flipWords.map(text => ({ text: printable(text), margin: [0, 0, 0, 1] })),
                ]
              : []),
            ...(verdict.doubts.length
              ? [
                  { text: 'Not certain', color: SECOND, fontSize: 9, margin: [0, 4, 0, 0] },
                  ...verdict.doubts.map(text => ({ text: printable(text), margin: [0, 0, 0, 1] })),
                ]
              : []),
          ]
        : []),
    ]
  }

  function agreement(): unknown[] {
    const leading = inForce.find(e => e.id === decision.verdict?.bestId)
    if (approved) {
      const { frozen } = approved.body
      return [
        heading('What was agreed'),
        { text: printable(describe(approved, policy).text), margin: [0, 0, 0, 3] },
        ...lines(write, frozen.lines, frozen.currency, frozen.labourRateMinor, frozen.taxPct),
        signatures(),
      ]
    }
    if (leading?.kind !== 'option') return []
    return [
      heading(`Line by line: ${printable(leading.body.name)}`),
      ...lines(write, leading.body.lines, policy.currency, policy.labourRateMinor, policy.taxPct),
      {
        text: 'I have seen what is certain and what is not, and agree to this way up to the amount of ______________ .',
        margin: [0, 8, 0, 0],
      },
      signatures(),
    ]
  }

  function log(): unknown[] {
    const rows = view.entries.map((e: Entry) => {
      const { title, text } = describe(e, policy)
      const gone = !current.has(e.id) && e.kind !== 'void'
      return [
        { text: shortTime(e.at), color: SECOND, fontSize: 8.5 },
        { text: who(e.by), color: SECOND, fontSize: 8.5 },
        {
          text: [
            { text: `${title}: `, bold: true },
            printable(text),
            ...(gone ? [{ text: '  (replaced or undone)', color: SECOND }] : []),
          ],
          fontSize: 8.5,
          ...(gone && { decoration: 'lineThrough', color: SECOND }),
        },
      ]
    })
    return [
      heading('The log, as it was written'),
      { table: { widths: [62, 22, '*'], body: rows }, layout: TABLE_LAYOUT },
    ]
  }
}
