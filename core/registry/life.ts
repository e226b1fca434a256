import { forecastDate } from '../life/forecastDate'
import { lifeDecision } from '../life/lifeDecision'
import { weibullFit, weibullRemaining } from '../life/weibull'
import { calculator } from './calculator'
import { choice, date, flag, list, num, row } from './fields'
import { object, opt } from './objectField'
import { engineHours, fromZero, hours } from './ranges'

const life = () => num({ above: 0, max: 1e6 })

export const LIFE_CALCULATORS = [
  calculator(
    'weibull_fit',
    "How long a part lasts, from the shop's own machines",
    {
      units: list(object({ entry_h: opt(engineHours(), 0), exit_h: engineHours(), failed: flag() }), 1),
      prior_beta: opt(num({ min: 0.3, max: 12 }), 2),
    },
    weibullFit,
  ),
  calculator(
    'weibull_remaining',
    'What is left of a life',
    { beta: num({ min: 0.1, max: 20 }), eta_h: life(), now_h: engineHours(), ahead_h: opt(hours(), 100) },
    weibullRemaining,
  ),
  calculator(
    'life_decision',
    "By the maker's hours or by condition",
    {
      hours: engineHours(),
      maker_limit_h: opt(life()),
      condition_left_h: opt(engineHours()),
      safety_part: opt(flag(), false),
      school: opt(choice(['condition', 'maker']), 'condition'),
    },
    lifeDecision,
  ),
  calculator(
    'forecast_date',
    'The day the hours run out',
    { today: date(), left_h: hours(), usage: list(row([date(), fromZero()]), 2) },
    forecastDate,
  ),
]
