import { adjustPrior, nextCheck, posterior, priorFromHistory, repairOrder } from '../diagnosis/posterior'
import { calculator } from './calculator'
import { flag, list, num, text } from './fields'
import { object, opt } from './objectField'
import { aboveZero, chance, fromZero } from './ranges'

const model = () =>
  object({
    causes: list(object({ id: text(), prior: chance() }), 1),
    findings: list(object({ id: text(), leak: opt(chance(), 0), minutes: opt(aboveZero(), 1) }), 1),
    links: opt(list(object({ cause: text(), finding: text(), q: chance() })), []),
  })
const found = () => opt(list(text()), [])

export const DIAGNOSIS_CALCULATORS = [
  calculator(
    'posterior',
    'How likely each cause is, from what was found',
    { model: model(), positive: found(), negative: found() },
    posterior,
  ),
  calculator(
    'next_check',
    'What to look at next',
    { model: model(), positive: found(), negative: found(), candidates: opt(list(text())) },
    nextCheck,
  ),
  calculator(
    'adjust_prior',
    'A base rate moved by the complaint',
    { prior: num({ min: 0, below: 1 }), odds_factor: fromZero() },
    adjustPrior,
  ),
  calculator(
    'prior_from_history',
    "A base rate moved by the shop's own jobs",
    { prior: chance(), hits: fromZero(), total: fromZero(), strength: opt(aboveZero(), 20) },
    priorFromHistory,
  ),
  calculator(
    'repair_order',
    'In which order to check faults',
    {
      items: list(object({ id: text(), p: chance(), check_cost: aboveZero(), repair_cost: opt(fromZero(), 0) }), 1),
      service_cost: opt(fromZero()),
      normalise: opt(flag(), true),
    },
    repairOrder,
  ),
]
