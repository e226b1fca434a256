/** A point on which good shops differ: each school with its reason, and which one holds until a shop chooses. */
export interface School {
  question: string
  choices: Record<string, { label: string; why: string }>
  /** what holds until a shop chooses, and why that one */
  start: string
  because: string
  /** what a maker usually says of it; it is never hidden */
  maker: string
  /** where it acts */
  acts: string
}

/** Points of the trade on which shops differ. None of them lifts a danger that somebody can get hurt by, but where it says so. */
export const SCHOOLS = {
  fill_aim: {
    question: 'How full',
    choices: {
      low: { label: 'Low mark', why: 'Less to churn; only where the maker asks it.' },
      middle: { label: 'Middle', why: 'Between the marks is sound, with room for what a hot engine pushes up.' },
      top: { label: 'Full mark', why: 'A small engine has little oil to begin with: the rest is cheap insurance.' },
    },
    start: 'top',
    because: 'It is where the maker’s quantity usually stands; never above.',
    maker: 'A quantity, and two marks: anything between them is right.',
    acts: 'how much is filled in',
  },
  surplus: {
    question: 'A surplus of sound, known oil',
    choices: {
      surplus_only: { label: 'Drawn off', why: 'Clean, fast and cheap.' },
      change_all: { label: 'All of it changed', why: 'Old and new together is old.' },
    },
    start: 'surplus_only',
    because: 'It is only offered for oil that smells plain, looks good and is known.',
    maker: 'Draw it down to the mark.',
    acts: 'a level over its mark',
  },
  which_oil: {
    question: 'Which oil goes in',
    choices: {
      maker: { label: "The maker's grade", why: 'It is what the engine was proved with, and what a warranty asks.' },
      shop: {
        label: 'This shop’s own',
        why: 'One drum for all, known and fresh; for what it does not fit, the maker’s.',
      },
    },
    start: 'maker',
    because: 'Nobody ever ruined an engine with the oil on its label.',
    maker: 'Grade and rating stand on the label or in the book.',
    acts: 'the care card and every oil change',
  },
  oil_interval: {
    question: 'How often the oil is changed',
    choices: {
      maker: { label: "The maker's interval", why: 'Hours, km or months, whichever comes first.' },
      hard_half: {
        label: 'Half of it where it works hard',
        why: 'Hire, trade and racing heat and dirty the oil twice as fast as the book thinks.',
      },
    },
    start: 'maker',
    because: 'The maker’s figure is known for every machine; how hard it works often is not.',
    maker: 'Halve it in dust and heat, say most of them themselves.',
    acts: 'when an oil change is due, for machines that work, are hired out or raced',
  },
  thick_additive: {
    question: 'Thick additive in a worn engine',
    choices: {
      never: { label: 'Never', why: 'It hides the knock and not the wear.' },
      scrap_only: {
        label: 'Only on what is scrapped anyway',
        why: 'A last season may be worth the bottle; it cures nothing.',
      },
    },
    start: 'never',
    because: 'A knock that is not heard breaks the rod all the same.',
    maker: 'No additive is asked for, and most are forbidden.',
    acts: 'the oil in it; what was found stays as it is either way',
  },
  look_first: {
    question: 'Cheap looks first, or open it up',
    choices: {
      cheap: { label: 'Cheap looks first', why: 'Level, smell, plug and lash end the job in minutes often enough.' },
      open: {
        label: 'Open at once when locked or dead',
        why: 'With no compression or nothing turning the outside tells little more.',
      },
    },
    start: 'cheap',
    because: 'An engine that was opened for nothing is paid for by nobody.',
    maker: 'The book begins with oil, spark and fuel.',
    acts: 'what to look at next',
  },
  worn_proof: {
    question: 'What proves that it is worn',
    choices: {
      gauge: { label: 'A gauge or leak-down', why: 'By feel “none” is true and “weak” is not.' },
      feel: { label: 'A practised hand is enough', why: 'Who pulls ten a day feels what a gauge shows.' },
    },
    start: 'gauge',
    because: 'Rings and bores cost money, and owners ask for the figure.',
    maker: 'A least figure, with how it is taken.',
    acts: 'ways that renew rings, bore or engine',
  },
  seals: {
    question: 'When a crank seal is cleared',
    choices: {
      test: {
        label: 'By pressure and vacuum',
        why: 'Dry outside clears the one that is seen; a lip may hold one way only.',
      },
      look: { label: 'Dry to the eye is enough', why: 'Fast, and right more often than not.' },
    },
    start: 'test',
    because: 'A leaking seal runs a two-stroke lean, and lean costs the piston.',
    maker: 'A test pressure with its time.',
    acts: 'two-strokes whose seals are used again',
  },
  valve_position: {
    question: 'Where the valves are free',
    choices: {
      stroke: { label: 'Top of the compression stroke', why: 'The plug hole tells it on any engine.' },
      marks: { label: 'By the cam’s marks or its notch', why: 'Exact, where the cover is off anyway.' },
      magnet: { label: 'Magnet at the coil', why: 'On a small single the wheel shows it from outside.' },
    },
    start: 'stroke',
    because: 'It needs nothing but a finger over the plug hole.',
    maker: 'Mostly top of compression, and past the release where there is one.',
    acts: 'taking the lash',
  },
  revived: {
    question: 'Revived by one adjustment',
    choices: {
      recheck: { label: 'Out, with a recheck', why: 'It runs and is cheap; what still moves shows within hours.' },
      open: { label: 'Opened before it goes', why: 'What moved once moves on: a soft cam, a valve that recedes.' },
    },
    start: 'recheck',
    because: 'A strip-down costs more than most of these machines, and a recheck finds the same.',
    maker: 'Check the lash again after the first hours.',
    acts: 'handing back as mended what was only set',
  },
  knock: {
    question: 'A knock that is not explained',
    choices: {
      never: { label: 'Never run', why: 'A rod that parts throws metal.' },
      toy_signed: {
        label: 'A toy may go, signed by an adult, big end measured good',
        why: 'Gently used it may last for years; the owner knows, and says so in writing.',
      },
    },
    start: 'never',
    because: 'Nobody hears how much is left.',
    maker: 'Stop it.',
    acts: 'who may sign for a knock; never on a machine that a child rides',
  },
  worn_kept: {
    question: 'Worn, but not past its limit',
    choices: {
      ask: { label: 'Kept, and the owner is asked', why: 'It still works and costs money; the sum lies beside it.' },
      renew: {
        label: 'Renewed while it is open',
        why: 'Cheap beside what it protects, and the labour is paid already.',
      },
    },
    start: 'ask',
    because: 'It is the owner’s money.',
    maker: 'Inside its limit it may stay.',
    acts: 'lines that a way begins with',
  },
  hone: {
    question: 'Honed or measured first',
    choices: {
      measure: { label: 'Measured first', why: 'It keeps the true wear, and tells whether honing is worth it.' },
      hone: { label: 'Honed first', why: 'It shows pits and glaze that the gauge does not.' },
    },
    start: 'measure',
    because: 'What the hone took can’t be measured any more.',
    maker: 'Measure, then hone, then measure again.',
    acts: 'a bore that was honed without a figure before',
  },
  spec_conflict: {
    question: 'Two figures for one engine: who decides',
    choices: {
      senior: { label: 'A senior, with a reason', why: 'The figure that fits is not the one that is right.' },
      bench: { label: 'Whoever has it in hand, with a reason', why: 'In a shop of one or two the bench knows best.' },
    },
    start: 'senior',
    because: 'A wrong figure ruins every engine of its kind after this one.',
    maker: 'The newest book counts.',
    acts: '“Use this one” on a sheet',
  },
  seals_age: {
    question: 'Seals whose age nobody knows',
    choices: {
      renew: { label: 'Renewed', why: 'They cost little beside what they hold.' },
      look: { label: 'Looked at and measured', why: 'A soft lip that squeezes is a good seal, whatever its age.' },
    },
    start: 'renew',
    because: 'The labour to reach them is the dear part.',
    maker: 'Renewed whenever they were off.',
    acts: 'seals and O-rings that are used again',
  },
  filters: {
    question: 'New filters',
    choices: {
      inspect: {
        label: 'Looked into before they are fitted',
        why: 'Glue and fibre on the clean side reach the bearings.',
      },
      as_it_is: { label: 'Fitted as they come', why: 'A maker’s filter from a closed box.' },
    },
    start: 'inspect',
    because: 'A look takes a minute; one bad batch takes an engine.',
    maker: 'Its own filter.',
    acts: 'filters that are logged as fitted',
  },
  life: {
    question: 'Past its service life',
    choices: {
      obey: { label: 'Out at its hours', why: 'What is due breaks first, and takes its neighbours with it.' },
      extend: {
        label: 'Longer, on what was seen',
        why: 'Condition tells more than a clock; it is an exception with a next look.',
      },
    },
    start: 'obey',
    because: 'Racing and riding leave no second try.',
    maker: 'Hours or a season.',
    acts: 'what is overdue; race, riding and children’s machines are never extended unsigned',
  },
} as const satisfies Record<string, School>

export type SchoolKey = keyof typeof SCHOOLS
export const SCHOOL_KEYS = Object.keys(SCHOOLS) as SchoolKey[]
/** Rules that a shop holds as a field of its own: a job may hold another one all the same. */
export const FIELD_RULES = { fill_aim: 'fillAim', surplus: 'surplusRule' } as const satisfies Partial<
  Record<SchoolKey, string>
>
export const isFieldRule = (key: SchoolKey): key is keyof typeof FIELD_RULES => Object.hasOwn(FIELD_RULES, key)

/** What a shop chose; what it did not choose stands at its start. */
export type SchoolsChosen = Partial<Record<SchoolKey, string>>

/** The answers of a point, as they are picked. */
export const choicesOf = ({ choices }: School): Record<string, string> =>
  Object.fromEntries(Object.entries(choices).map(([key, { label }]) => [key, label]))

/** What a policy says of them; `rulesHere` on one job only, with the reason. */
export interface Holds {
  schools: SchoolsChosen
  rulesHere?: Partial<Record<SchoolKey, string>>
}

/** Which school holds: of this job, else of the shop, else the one that it starts with. */
export function schoolOf<K extends SchoolKey>(
  policy: Pick<Holds, 'schools'>,
  key: K,
): keyof (typeof SCHOOLS)[K]['choices'] {
  const { choices, start } = SCHOOLS[key]
  const chosen = policy.schools[key]
  return (
    chosen !== undefined && Object.hasOwn(choices, chosen) ? chosen : start
  ) as keyof (typeof SCHOOLS)[K]['choices']
}

/** A school's words with whose rule it is: for the place where it acts. */
export function schoolWords(policy: Holds, key: SchoolKey): string {
  const school: School = SCHOOLS[key]
  const label = school.choices[schoolOf(policy, key) as string]?.label ?? ''
  const here = policy.rulesHere?.[key]
  return `${school.question}: ${label.charAt(0).toLowerCase()}${label.slice(1)} (${here ? `on this job: ${here}` : "shop's rule"})`
}
