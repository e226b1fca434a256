import { z } from 'zod'
import { figureIn, pressure, volume } from '../../schema/quantities'
import { longText, nullable } from '../../schema/words'

export const schema = z
  .strictObject({
    drillRpm: figureIn('Speed of the drill', 50, 6000, 'rpm'),
    ratio: figureIn('Turns of the pump', 0.1, 4, 'to one of the engine'),
    amount: volume('Oil caught'),
    seconds: figureIn('Time', 2, 1800, 's'),
    control: nullable(volume('A sound pump')),
    pressure: nullable(pressure('Pressure')),
    oilC: nullable(figureIn('Oil temperature', -20, 150, '°C')),
    note: longText('Note'),
  })
  .refine(r => r.control === null || r.control.value > 0, {
    path: ['control', 'value'],
    message: 'A sound pump must give something.',
  })

/** turns of the pump to one of the engine */
export interface PumpRigBody extends z.infer<typeof schema> {}
