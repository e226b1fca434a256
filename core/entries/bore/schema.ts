import { z } from 'zod'
import { BORE_SPAN } from '../../measure/bore'
import { TOOLS } from '../../measure/tools'
import { inner, length } from '../../schema/quantities'
import { keyOf, longText, nullable, ofCylinder, optionalText } from '../../schema/words'
import { BORE_WHEN, CROSS_HATCH, SCORE_SIDES } from '../../words/opened'

export const schema = z
  .strictObject({
    ofCylinder,
    nominal: length('Standard bore', 200),
    unit: z.enum(['mm', 'in'], { error: 'Read a bore in mm or inches.' }),
    rows: z
      .array(
        z.tuple(
          [
            z.number({ error: 'Type the reading along the crank.' }),
            z.number({ error: 'Type the reading across the crank.' }),
          ],
          { error: 'Each depth needs two readings.' },
        ),
      )
      .min(1, 'Type one depth at least.')
      .max(8),
    piston: nullable(length('Piston', 200)),
    tool: keyOf(TOOLS, 'Tool'),
    when: keyOf(BORE_WHEN, 'When'),
    partC: nullable(
      z
        .number({ error: 'Temperature: type a figure.' })
        .min(-20, 'Too cold to be measured.')
        .max(150, 'Let it cool: read it under 150 °C.'),
    ),
    sizesMm: z
      .array(
        z.number().min(0.01, 'An oversize is more than nothing.').max(5, 'An oversize of more than 5 mm is not sold.'),
      )
      .max(12),
    holdCentre: z.boolean(),
    crossHatch: keyOf(CROSS_HATCH, 'Cross-hatch'),
    /** deepest score and where it runs; absent where nobody was asked */
    scoreDepth: nullable(length('Depth of the score', 3)).optional(),
    scoreSide: nullable(keyOf(SCORE_SIDES, 'Where the score runs')).optional(),
    /** a new piston in hand for a bore that is still to be cut: the size follows from it */
    pistonInHand: nullable(length('Piston in hand', 200)).optional(),
    /** honed, and never measured before: why */
    noBefore: optionalText('Why it was not measured before honing', 300).optional(),
    note: longText('Note'),
  })
  .superRefine(({ rows, unit, nominal, piston, pistonInHand, scoreDepth, scoreSide }, check) => {
    const standard = inner(nominal)
    if (standard < 15)
      check.addIssue({
        code: 'custom',
        path: ['nominal', 'value'],
        message: 'A standard bore is at least 15 mm: look at the figure and its unit.',
      })
    rows.forEach((row, i) =>
      row.forEach((value, j) => {
        const mm = inner({ value, unit })
        if (standard >= 15 && (mm < BORE_SPAN[0] * standard || mm > BORE_SPAN[1] * standard))
          check.addIssue({
            code: 'custom',
            path: ['rows', i, j],
            message: `${value} ${unit} is no size near ${nominal.value} ${nominal.unit}: look at the decimal point.`,
          })
      }),
    )
    if (
      pistonInHand &&
      standard >= 15 &&
      (inner(pistonInHand) > 1.1 * standard || inner(pistonInHand) < 0.95 * standard)
    )
      check.addIssue({
        code: 'custom',
        path: ['pistonInHand', 'value'],
        message: 'No piston of that size goes into this bore: look at the decimal point.',
      })
    if (scoreSide && !scoreDepth)
      check.addIssue({
        code: 'custom',
        path: ['scoreDepth', 'value'],
        message: 'How deep is the score? Type its deepest place, or leave its side out.',
      })
    if (piston && standard >= 15 && (inner(piston) > 1.02 * standard || inner(piston) < 0.95 * standard))
      check.addIssue({
        code: 'custom',
        path: ['piston', 'value'],
        message: 'No piston of that size runs in this bore: look at the decimal point.',
      })
  })

/** oversizes that are sold for it, mm */
export interface BoreBody extends z.infer<typeof schema> {}
