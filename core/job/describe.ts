import { moneyText, toMajor } from '../estimate/money'
import { ratioText } from '../mix/mixPlan'
import { quantityText, shownIn } from '../units/unitRound'
import { CAUSE_BY_ID, CHECK_BY_ID, SIGNS } from '../diagnosis/catalogue'
import { boreText } from '../measure/judgeMeasure'
import { MEASURE_PLANS } from '../measure/items'
import { TOOLS } from '../measure/tools'
import { PART_PLANS } from '../teardown/parts'
import { DISPOSITIONS, OIL_STATES } from '../teardown/partPlan'
import type { StandState } from '../oil/fuelPath'
import { CURES, judgeStand, standHours } from '../oil/fuelPath'
import { minutesOf } from '../estimate/spend'
import { FIT_KEYS, REST_KEYS } from './judgeRest'
import type { Entry, OilBody, Quantity, StandTestBody } from './entries'
import type { ShopPolicy } from '../engine/policy'
import {
  AGREED_HOW,
  CALL_RESULTS,
  ORDER_STATES,
  OUTWORK_VERDICTS,
  QUOTE_STAGES,
  FIT_ITEMS,
  FIT_STATES,
  REST_ITEMS,
  REST_STATES,
  WAITING_FOR,
  WAYS,
} from '../words/deciding'
import {
  AMOUNT_WORDS,
  BREATHER_STATES,
  COMPRESSION_FEELS,
  DEBRIS_PLACES,
  FILTER_STATES,
  FUEL_WORDS,
  HEARD,
  LEAK_LOOKS,
  LEAK_SITES,
  LEAK_STATES,
  LOCK_RESULTS,
  LOCK_STEPS,
  MATERIAL_WORDS,
  OIL_COLOURS,
  OIL_GLITTER,
  OIL_KINDS,
  OIL_SMELLS,
  OIL_THICKNESS,
  PLUG_STATES,
  RELEASE_STATES,
  SAFE_STEPS,
  SEEN,
  SMOKE_AFTER,
  SMOKE_COLOURS,
  SMOKE_MOMENTS,
  SMOKE_SMELLS,
  TURN_FEELS,
  TURN_METHODS,
  WHERE_GONE,
} from '../words/looks'
import {
  AS_FOUND,
  BORE_WHEN,
  LASH_STATES,
  LEAK_SEEN,
  MEASURED_WHEN,
  ORIGINS,
  PART_ROLES,
  PROOFS,
  ROCKERS,
  STUCK_METHODS,
  THEORY_STATES,
  VALVE_NAMES,
} from '../words/opened'
import {
  CLAIM_STATES,
  COMPLAINT_KINDS,
  EARLIER_HANDS,
  EVENTS,
  METER_SOURCES,
  MODIFICATIONS,
  MODIFICATION_STATES,
  OUTSIDE_CLUES,
} from '../words/counter'
import { STAGES } from '../log/words'
import { USE_CLASSES } from '../engine/words'

/** One line of the log: what was written down, in words and in the units it was read in. */
export function describe(entry: Entry, policy: ShopPolicy): { title: string; text: string } {
  const cash = (minor: number | null): string =>
    minor === null ? 'not said' : moneyText(toMajor(minor, policy.currency), policy.currency, true)
  const read = (q: Quantity, other: string): string =>
    q.unit === other
      ? quantityText(q.value, q.unit)
      : `${quantityText(q.value, q.unit)} (${shownIn(q.value, q.unit, other)})`
  switch (entry.kind) {
    case 'complaint':
      return {
        title: 'Complaint',
        text: `‘${entry.body.words}’${entry.body.since ? `, since ${entry.body.since}` : ''}${entry.body.about ? ` (${COMPLAINT_KINDS[entry.body.about].toLowerCase()})` : ''}`,
      }
    case 'claim':
      return {
        title: 'Owner says',
        text: `${entry.body.text}${entry.body.howKnown ? ` (${entry.body.howKnown})` : ''}`,
      }
    case 'claim_check':
      return { title: 'Claim checked', text: CLAIM_STATES[entry.body.state].toLowerCase() }
    case 'terms':
      return {
        title: 'Terms',
        text: `${USE_CLASSES[entry.body.useClass]}; running ${cash(entry.body.runningValueMinor)}, as it is ${cash(entry.body.asIsValueMinor)}, cap ${entry.body.capMinor === null ? 'none' : cash(entry.body.capMinor)}${entry.body.deadline ? `, wanted by ${entry.body.deadline}` : ''}`,
      }
    case 'meter': {
      const { reading, unit, source, pattern } = entry.body
      const worked = pattern
        ? `, from ${pattern.hoursPerDay} h a day, ${pattern.daysPerWeek} days a week, ${pattern.months} months`
        : ''
      return {
        title: 'Running time',
        text:
          reading === null
            ? 'nobody knows'
            : `${reading.toLocaleString('en-GB')} ${unit}, ${METER_SOURCES[source]}${worked}`,
      }
    }
    case 'modification':
      return {
        title: MODIFICATIONS[entry.body.what].label,
        text: [
          MODIFICATION_STATES[entry.body.state].toLowerCase(),
          entry.body.text,
          entry.body.why && `done because: ${entry.body.why}`,
        ]
          .filter(Boolean)
          .join('; '),
      }
    case 'inventory':
      return {
        title: 'In pieces',
        text: [
          entry.body.here.length && `here: ${entry.body.here.join(', ')}`,
          entry.body.missing.length && `missing: ${entry.body.missing.join(', ')}`,
          entry.body.from && `from ${entry.body.from}`,
        ]
          .filter(Boolean)
          .join('; '),
      }
    case 'event':
      return { title: EVENTS[entry.body.what], text: withNote(entry.body.when ?? 'when is not known', entry.body.note) }
    case 'clues':
      return {
        title: 'Outside',
        text: withNote(
          [...entry.body.outside.map(k => OUTSIDE_CLUES[k]), ...entry.body.hands.map(k => EARLIER_HANDS[k])]
            .map(w => w.toLowerCase())
            .concat(entry.body.ageYears === null ? [] : [`${entry.body.ageYears} years old`])
            .join(', ') || 'nothing to see',
          entry.body.note,
        ),
      }
    case 'smoke': {
      const { colour, moment, after, smell, note } = entry.body
      return {
        title: 'Smoke',
        text: withNote(
          [
            SMOKE_COLOURS[colour],
            moment && SMOKE_MOMENTS[moment],
            after && `after ${SMOKE_AFTER[after]}`,
            smell && (smell === 'not_smelt' ? 'not smelt' : `smells of ${SMOKE_SMELLS[smell]}`),
          ]
            .filter(Boolean)
            .join(', ')
            .toLowerCase(),
          note,
        ),
      }
    }
    case 'leaks':
      return {
        title: 'Leaks',
        text: withNote(
          `${LEAK_LOOKS[entry.body.look].toLowerCase()}: ${entry.body.sites.map(s => `${LEAK_SITES[s.site].toLowerCase()} ${LEAK_STATES[s.state].toLowerCase()}`).join(', ')}`,
          entry.body.note,
        ),
      }
    case 'lash': {
      const { state, inlet, exhaust, rockers, note } = entry.body
      const sides = [inlet && `inlet ${read(inlet, inlet.unit)}`, exhaust && `exhaust ${read(exhaust, exhaust.unit)}`]
        .filter(Boolean)
        .join(', ')
      return {
        title: `Lash ${LASH_STATES[state].toLowerCase()}`,
        text: withNote(
          [sides, rockers === 'not_tried' ? 'rockers not tried' : ROCKERS[rockers].toLowerCase()]
            .filter(Boolean)
            .join('; '),
          note,
        ),
      }
    }
    case 'lock_step':
      return {
        title: 'Locked',
        text: withNote(
          `${LOCK_STEPS[entry.body.step].label.toLowerCase()}: ${LOCK_RESULTS[entry.body.result].toLowerCase()}`,
          entry.body.note,
        ),
      }
    case 'oil_use':
      return {
        title: 'Oil used',
        text: withNote(
          `${read(entry.body.topped, policy.volumeUnit)} over ${entry.body.over} ${entry.body.unit}${entry.body.perWeek === null ? '' : `, runs ${entry.body.perWeek} ${entry.body.unit} a week`}`,
          entry.body.note,
        ),
      }
    case 'oil_kind':
      return {
        title: 'Kind of oil',
        text: [
          OIL_KINDS[entry.body.what].toLowerCase(),
          entry.body.grade,
          `wet-clutch rating: ${entry.body.wetClutch}`,
          `anti-wear: ${entry.body.antiWear}`,
          entry.body.reason,
        ]
          .filter(Boolean)
          .join(', '),
      }
    case 'oil_change':
      return {
        title: 'Oil changed',
        text:
          [
            entry.body.amount && read(entry.body.amount, policy.volumeUnit),
            entry.body.oil,
            entry.body.filter && 'filter too',
            entry.body.atHours !== null && `at ${entry.body.atHours} h`,
          ]
            .filter(Boolean)
            .join(', ') || 'all of it',
      }
    case 'theory':
      return {
        title: `Theory, ${THEORY_STATES[entry.body.state].toLowerCase()}`,
        text: [
          entry.body.statement,
          entry.body.proves && `proved by: ${entry.body.proves}`,
          entry.body.disproves && `ruled out by: ${entry.body.disproves}`,
          entry.body.trial && `trial: ${entry.body.trial}`,
          entry.body.limits && `limits: ${entry.body.limits}`,
        ]
          .filter(Boolean)
          .join('; '),
      }
    case 'cause_found':
      return {
        title: 'It really was',
        text: `${[entry.body.causeId && (CAUSE_BY_ID.get(entry.body.causeId)?.name ?? entry.body.causeId), entry.body.text].filter(Boolean).join(': ')}, ${PROOFS[entry.body.proof].toLowerCase()}${entry.body.missing ? `; proof that is missing: ${entry.body.missing}` : ''}${entry.body.chain.length ? `. ${entry.body.chain.join(' → ')}` : ''}`,
      }
    case 'sign_off':
      return {
        title: 'Signed off',
        text: `${STOP_NAMES[entry.body.stopId] ?? entry.body.stopId}: ${entry.body.reason}`,
      }
    case 'check': {
      const { check, found, absent, skipped, note } = entry.body
      const seen = (ids: string[]): string => ids.map(id => SIGNS.get(id)?.seen ?? id).join(', ')
      const text = skipped
        ? `left out: ${skipped}`
        : [found.length && seen(found), absent.length && `not: ${seen(absent)}`].filter(Boolean).join('; ') ||
          'nothing of it'
      return { title: CHECK_BY_ID.get(check)?.name ?? check, text: withNote(text, note) }
    }
    case 'measure': {
      const { item, reads, tool, place, when, note } = entry.body
      return {
        title: `${MEASURE_PLANS[item].label}${place ? `, ${place}` : ''}`,
        text: withNote(
          `${reads.map(r => read(r, r.unit)).join(', ')}, ${TOOLS[tool].label}, ${MEASURED_WHEN[when].toLowerCase()}`,
          note,
        ),
      }
    }
    case 'bore':
      return {
        title: `Bore ${BORE_WHEN[entry.body.when].toLowerCase()}`,
        text: withNote(
          `${boreText(entry.body)}${entry.body.piston ? `; piston ${read(entry.body.piston, entry.body.piston.unit)}` : ''}, ${TOOLS[entry.body.tool].label}`,
          entry.body.note,
        ),
      }
    case 'valve_leak': {
      const { valve, when, look, dropsPerMin, place, note } = entry.body
      return {
        title: `${VALVE_NAMES[valve]} valve leak${place ? `, ${place}` : ''}`,
        text: withNote(
          `${dropsPerMin ? `${dropsPerMin} drops a minute` : LEAK_SEEN[look].toLowerCase()}, ${MEASURED_WHEN[when].toLowerCase()}`,
          note,
        ),
      }
    }
    case 'pump_rig': {
      const { drillRpm, amount, seconds, control, pressure, oilC, note } = entry.body
      return {
        title: 'Oil pump on the rig',
        text: withNote(
          [
            `${quantityText(amount.value, amount.unit)} in ${seconds} s at ${drillRpm} rpm of the drill`,
            control && `a sound one ${quantityText(control.value, control.unit)}`,
            pressure && quantityText(pressure.value, pressure.unit),
            oilC !== null && `oil at ${oilC} °C`,
          ]
            .filter(Boolean)
            .join(', '),
          note,
        ),
      }
    }
    case 'part': {
      const { part, disposition, seen, oil, role, reason, orientation, owed, place } = entry.body
      const words = [
        seen.map(k => PART_PLANS[part].look[k] ?? k).join(', '),
        oil !== 'not_looked' && OIL_STATES[oil],
        role !== 'open' && PART_ROLES[role],
        reason,
        orientation && `lay: ${orientation}`,
        owed && `owed: ${owed}`,
      ]
        .filter(Boolean)
        .join('; ')
      return {
        title: `${PART_PLANS[part].name}${place ? `, ${place}` : ''}`,
        text: withNote(DISPOSITIONS[disposition].toLowerCase(), words || null),
      }
    }
    case 'as_found':
      return {
        title: `As found, ${entry.body.cover}`,
        text: `${AS_FOUND[entry.body.about].toLowerCase()}: ${entry.body.words}`,
      }
    case 'fasteners': {
      const { cover, what, tool, out, back, stuck, minutes, broke } = entry.body
      return {
        title: `Fasteners, ${cover}`,
        text: [
          `${out} out${back === null ? '' : `, ${back} back`}: ${what}`,
          tool,
          stuck.length &&
            `stuck: ${stuck.map(k => STUCK_METHODS[k].toLowerCase()).join(', then ')}${minutes === null ? '' : `, ${minutes} min`}`,
          broke && `broke: ${broke}`,
        ]
          .filter(Boolean)
          .join('; '),
      }
    }
    case 'fitted':
      return {
        title: 'Fitted',
        text: [
          entry.body.what,
          ORIGINS[entry.body.origin].toLowerCase(),
          entry.body.batch && `batch ${entry.body.batch}`,
          entry.body.from && `from ${entry.body.from}`,
        ]
          .filter(Boolean)
          .join(', '),
      }
    case 'bad_batch':
      return { title: 'Bad batch', text: `${entry.body.what}, batch ${entry.body.batch}: ${entry.body.proof}` }
    case 'evidence':
      return {
        title: entry.body.missing ? 'Missing piece' : 'Evidence',
        text: `${entry.body.what}, ${entry.body.where}; ${entry.body.explained ? `explained: ${entry.body.explained}` : 'open'}`,
      }
    case 'photo':
      return { title: 'Photo', text: entry.body.caption ?? 'without words' }
    case 'refused':
      return {
        title: 'Refused',
        text: `${entry.body.what}${entry.body.by ? `, by ${entry.body.by}` : ''}. Risk: ${entry.body.risk}`,
      }
    case 'oil':
      return {
        title: 'Oil',
        text: withNote(
          [oilReadingText(entry.body, policy), ...oilConditionWords(entry.body)].join(', '),
          entry.body.note,
        ),
      }
    case 'mix': {
      const { fuel, oil, makerRatio, fuelType, fuelDays } = entry.body
      return {
        title: 'Mix',
        text: withNote(
          `${quantityText(oil.value, oil.unit)} of oil in ${quantityText(fuel.value, fuel.unit)} of fuel, maker asks ${ratioText(makerRatio)}${fuelType && fuelDays !== null ? `; ${FUEL_WORDS[fuelType]}, ${fuelDays} days old` : ''}`,
          entry.body.note,
        ),
      }
    }
    case 'plug':
      return { title: 'Plug', text: withNote(PLUG_STATES[entry.body.state].toLowerCase(), entry.body.note) }
    case 'air_filter':
      return {
        title: 'Air filter',
        text: withNote(
          `${FILTER_STATES[entry.body.filter].toLowerCase()}${entry.body.breather ? `; breather ${BREATHER_STATES[entry.body.breather].toLowerCase()}` : ''}`,
          entry.body.note,
        ),
      }
    case 'fluid':
      return {
        title: entry.body.action === 'drained' ? 'Drained' : 'Filled',
        text: `${read(entry.body.amount, policy.volumeUnit)}${entry.body.what ? `, ${entry.body.what}` : ''}`,
      }
    case 'cure':
      return {
        title: 'Fuel path cured',
        text: `${CURES[entry.body.path].toLowerCase()}${entry.body.text ? `: ${entry.body.text}` : ''}`,
      }
    case 'stand_test':
      return { title: 'Stand test', text: standText(entry.body) }
    case 'made_safe':
      return entry.body.done.length
        ? { title: 'Made safe', text: entry.body.done.map(s => SAFE_STEPS[s].toLowerCase()).join('; ') }
        : { title: 'Not safe any more', text: 'something was connected again' }
    case 'turn_over':
      return {
        title: 'Turns over',
        text: withNote(
          `${TURN_FEELS[entry.body.feel].toLowerCase()}, by ${TURN_METHODS[entry.body.method]}, plug ${entry.body.plugIn ? 'in' : 'out'}`,
          entry.body.note,
        ),
      }
    case 'compression': {
      const { dry, wet, feel, throttleOpen, pulls, temperature, release } = entry.body
      const figures = [
        dry && `dry ${read(dry, policy.pressureUnit)}`,
        wet && `wet ${read(wet, policy.pressureUnit)}`,
        feel && `by feel ${COMPRESSION_FEELS[feel].toLowerCase()}`,
      ].filter(Boolean)
      const method = dry
        ? [
            throttleOpen ? 'throttle open' : 'throttle shut',
            pulls !== null && `${pulls} pulls`,
            temperature,
            RELEASE_STATES[release],
          ]
            .filter(Boolean)
            .join(', ')
        : ''
      return {
        title: 'Compression',
        text: withNote(`${figures.join(', ')}${method ? `; ${method}` : ''}`, entry.body.note),
      }
    }
    case 'leak_down': {
      const { regulator, cylinder, heard, orificeMm, note } = entry.body
      return {
        title: 'Leak-down',
        text: withNote(
          `${quantityText(cylinder.value, cylinder.unit)} of ${quantityText(regulator.value, regulator.unit)}, ${orificeMm} mm orifice${heard.length ? `; heard at ${heard.map(h => HEARD[h].label.toLowerCase()).join(', ')}` : '; nothing heard'}`,
          note,
        ),
      }
    }
    case 'crankcase':
      return {
        title: 'Crankcase',
        text: withNote(
          `${quantityText(entry.body.start.value, entry.body.start.unit)} to ${quantityText(entry.body.end.value, entry.body.end.unit)} in ${entry.body.seconds} s`,
          entry.body.note,
        ),
      }
    case 'debris': {
      const items = entry.body.items.map(
        i =>
          `${MATERIAL_WORDS[i.material].toLowerCase()}, ${AMOUNT_WORDS[i.amount].toLowerCase()}${i.magnet ? `, the magnet ${i.magnet} it` : ''}${i.largestUm === null ? '' : `, largest ${quantityText(i.largestUm / 1000, 'mm').replace(/\.?0+ /, ' ')}`}`,
      )
      const hours =
        entry.body.hoursSinceOil === null ? 'hours on the oil not known' : `${entry.body.hoursSinceOil} h on the oil`
      return {
        title: 'Debris',
        text: withNote(
          `${DEBRIS_PLACES[entry.body.place]}: ${items.join('; ') || 'nothing found'}; ${hours}`,
          entry.body.note,
        ),
      }
    }
    case 'rest_check': {
      const { body } = entry
      return {
        title: 'Rest of the machine',
        text: withNote(
          REST_KEYS.map(k => `${REST_ITEMS[k].toLowerCase()} ${REST_STATES[body[k]].toLowerCase()}`).join(', '),
          body.note,
        ),
      }
    }
    case 'fit_check': {
      const { body } = entry
      return {
        title: `Fit, ${body.engine}`,
        text: withNote(
          FIT_KEYS.map(k => `${FIT_ITEMS[k].toLowerCase()}: ${FIT_STATES[body[k]].toLowerCase()}`).join(', '),
          body.note,
        ),
      }
    }
    case 'spend': {
      const { what, startedAt, endedAt, minutes, costMinor } = entry.body
      const time =
        startedAt && !endedAt && minutes === null
          ? 'clock running'
          : minutes !== null || startedAt
            ? `${Math.round(minutesOf(entry.body))} min`
            : ''
      return { title: 'Put in', text: [what, time, costMinor !== null && cash(costMinor)].filter(Boolean).join(', ') }
    }
    case 'order': {
      const { what, supplier, number, priceMinor, state, dueOn, note } = entry.body
      return {
        title: 'Part',
        text: withNote(
          [
            `${what}: ${ORDER_STATES[state].toLowerCase()}, ${supplier}`,
            number,
            priceMinor !== null && cash(priceMinor),
            state === 'ordered' && dueOn && `due ${dueOn}`,
          ]
            .filter(Boolean)
            .join(', '),
          note,
        ),
      }
    }
    case 'outwork': {
      const { what, shop, target, sentOn, dueOn, returnedOn, measured, verdict, note } = entry.body
      return {
        title: 'Outwork',
        text: withNote(
          [
            `${what} at ${shop}, target ${target}`,
            sentOn && `sent ${sentOn}`,
            dueOn && !returnedOn && `due ${dueOn}`,
            returnedOn && `back ${returnedOn}`,
            measured && `measured ${quantityText(measured.value, measured.unit)}`,
            verdict !== 'open' && OUTWORK_VERDICTS[verdict].toLowerCase(),
          ]
            .filter(Boolean)
            .join(', '),
          note,
        ),
      }
    }
    case 'quote_sent':
      return {
        title: 'Owner asked',
        text: `${QUOTE_STAGES[entry.body.stage].toLowerCase()}, by a link open until ${entry.body.expiresAt.slice(0, 10)}${entry.body.words ? `: ${entry.body.words}` : ''}`,
      }
    case 'owner_word': {
      const { choice, option, fee, words, name, held } = entry.body
      const what =
        choice === 'agree'
          ? fee === null
            ? `agrees to ‘${option ?? ''}’`
            : `agrees to ${moneyText(fee, policy.currency, true)}`
          : choice === 'ask'
            ? 'asks'
            : 'wants none of it'
      return {
        title: "Owner's word",
        text: [`${name} ${what}`, words, held && `held back: ${held}`].filter(Boolean).join('; '),
      }
    }
    case 'owner_call':
      return {
        title: 'Call to the owner',
        text: [
          CALL_RESULTS[entry.body.result].toLowerCase(),
          entry.body.answer,
          entry.body.capMinor !== null && `cap now ${cash(entry.body.capMinor)}`,
        ]
          .filter(Boolean)
          .join(': '),
      }
    case 'option':
      return {
        title: WAYS[entry.body.way],
        text: `${entry.body.name}, ${entry.body.lines.length} line${entry.body.lines.length === 1 ? '' : 's'}${entry.body.ruledOut ? `; ruled out: ${entry.body.ruledOut}` : ''}`,
      }
    case 'approval': {
      const { frozen, agreedBy, how, conditions } = entry.body
      return {
        title: 'Agreed',
        text: `${agreedBy} agreed ${AGREED_HOW[how]} to ‘${frozen.name}’, likely ${moneyText(frozen.mean, frozen.currency)}, ${moneyText(frozen.p10, frozen.currency)} to ${moneyText(frozen.p90, frozen.currency)}${conditions ? `; ${conditions}` : ''}`,
      }
    }
    case 'waiting':
      return {
        title: 'Waiting',
        text:
          entry.body.for === 'nobody'
            ? 'No longer waiting'
            : `For ${WAITING_FOR[entry.body.for]}${entry.body.what ? `: ${entry.body.what}` : ''}`,
      }
    case 'stage':
      return {
        title: STAGES[entry.body.stage],
        text: `${entry.body.state === 'open' ? 'opened again' : entry.body.state}${entry.body.reason ? `: ${entry.body.reason}` : ''}`,
      }
    case 'note':
      return { title: STAGES[entry.body.stage], text: entry.body.text }
    case 'hand_back':
      return { title: 'Handed back', text: withNote(`To ${entry.body.to}`, entry.body.words) }
    case 'void':
      return { title: 'Undone', text: entry.body.reason }
  }
}

/** Stops that a person may take on, by what they forbid. */
const STOP_NAMES: Record<string, string> = {
  oil_low: "Don't start it (too little oil)",
  oil_over: "Don't turn it with the plug in (far too much oil)",
  debris: "Don't run it (debris)",
  knock: "Don't run it (knock)",
}

const STAND_WORDS: Record<StandState, string> = {
  running: 'running',
  passed: 'passed',
  too_short: 'too short',
  leaked: 'failed, fuel came through',
}

function standText(body: StandTestBody): string {
  const hours = standHours(body)
  const spent =
    hours === null ? '' : ` after ${Math.floor(hours)} h ${String(Math.floor((hours % 1) * 60)).padStart(2, '0')}`
  return `${STAND_WORDS[judgeStand(body)]}${spent}, at least ${body.minimumHours} h asked${body.seen ? `, paper ${SEEN[body.seen].toLowerCase()}` : ''}`
}

const withNote = (text: string, note: string | null): string => (note ? `${text}. ${note}` : text)

function oilReadingText({ reading }: OilBody, policy: ShopPolicy): string {
  if (reading.by === 'dry') return 'dry, nothing shows'
  if (reading.by === 'scale') return `${reading.mm} mm on the stick`
  if (reading.by === 'volume') {
    const { value, unit } = reading.amount
    const own = quantityText(value, unit)
    return unit === policy.volumeUnit ? `${own} drained` : `${own} (${shownIn(value, unit, policy.volumeUnit)}) drained`
  }
  const pct = Math.round(reading.pct)
  if (pct < 0) return `${-pct} % of the mark gap below low`
  return pct > 100 ? `${pct - 100} % of the mark gap over full` : `${pct} % of the way from low to full`
}

function oilConditionWords({ colour, thickness, smell, glitter, whereGone }: OilBody): string[] {
  return [
    colour && OIL_COLOURS[colour].toLowerCase(),
    thickness && thickness !== 'normal' ? OIL_THICKNESS[thickness].toLowerCase() : null,
    smell && (smell === 'not_smelt' ? 'not smelt' : `smells ${OIL_SMELLS[smell].toLowerCase()}`),
    whereGone && `went: ${WHERE_GONE[whereGone].toLowerCase()}`,
    glitter && glitter !== 'none' ? `glitter: ${OIL_GLITTER[glitter].toLowerCase()}` : null,
  ].filter((word): word is string => Boolean(word))
}
