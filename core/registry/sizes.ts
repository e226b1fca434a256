import { EXPANSION } from '../wear/thermal'
import { choice, list, num, row } from './fields'
import { aboveZero } from './ranges'

export const bore = () => num({ min: 15, max: 200 })

export const journal = () => num({ min: 5, max: 150 })

export const lash = () => num({ min: 0, max: 3 })

export const lashEnd = () => num({ above: 0, max: 3 })

export const shim = () => num({ min: 0.5, max: 6 })

export const material = () => choice(Object.keys(EXPANSION))

export const riseC = () => num({ min: -60, max: 600 })

export const grid = () => list(row([aboveZero(), aboveZero()]), 1)
