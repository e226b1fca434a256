import { AIR_R, flowFunction } from './flowFunction'
import { pistonTravel } from './sliderCrank'

export interface LeakSim {
  boreMm: number
  strokeMm: number
  rodMm: number
  staticCr: number
  closeAbdcDeg: number
  rpm: number
  leakMm2: number
  pAmbKpa: number
  tempC: number
  n: number
}

const STEP_DEG = 0.1
const END_DEG = 380

/** A stroke from where the cylinder closes to where it is no longer followed. Lengths mm, volumes mm³, leak mm², temperature K. */
export interface Stroke {
  boreMm: number
  strokeMm: number
  rodMm: number
  clearanceMm3: number
  startDeg: number
  endDeg: number
  steps: number
  rpm: number
  leakMm2: number
  pAmbKpa: number
  tempK: number
  n: number
}

/** One stroke with a leak, in equal Runge-Kutta steps: its highest pressure, kPa absolute, and the share of the charge left at its end. */
export function leakingStroke({
  boreMm,
  strokeMm,
  rodMm,
  clearanceMm3,
  startDeg,
  endDeg,
  steps,
  rpm,
  leakMm2,
  pAmbKpa,
  tempK,
  n,
}: Stroke): { peakKpa: number; share: number } {
  const areaMm2 = (Math.PI / 4) * boreMm ** 2
  const volume = (deg: number): number => clearanceMm3 + areaMm2 * pistonTravel(deg, strokeMm, rodMm)
  const v0 = volume(startDeg)
  const m0 = (pAmbKpa * 1000 * v0 * 1e-9) / (AIR_R * tempK)
  const pressure = (deg: number, share: number): number => pAmbKpa * ((share * v0) / volume(deg)) ** n
  /** loss of charge per degree, as a share of the first charge */
  const loss = (deg: number, share: number): number => {
    const p = pressure(deg, share)
    if (p <= pAmbKpa || leakMm2 === 0) return 0
    const temp = tempK * (p / pAmbKpa) ** ((n - 1) / n)
    return (((-leakMm2 * 1e-6 * p * 1000) / Math.sqrt(AIR_R * temp)) * flowFunction(pAmbKpa / p)) / (6 * rpm) / m0
  }
  let share = 1
  let peakKpa = pAmbKpa
  const h = (endDeg - startDeg) / steps
  for (let i = 0; i < steps; i++) {
    const deg = startDeg + i * h
    const k1 = loss(deg, share)
    const k2 = loss(deg + h / 2, share + (h / 2) * k1)
    const k3 = loss(deg + h / 2, share + (h / 2) * k2)
    const k4 = loss(deg + h, share + h * k3)
    share = Math.max(0, share + (h / 6) * (k1 + 2 * k2 + 2 * k3 + k4))
    peakKpa = Math.max(peakKpa, pressure(deg + h, share))
  }
  return { peakKpa, share }
}

/**
 * One compression stroke with a leak: shows why the same leak reads lower on a slow pull.
 * @param closeAbdcDeg  where the cylinder closes, degrees after bottom dead centre
 * @param leakMm2       effective leak area (Cd·A), mm², 0..100
 * @returns peak gauge pressure in kPa, and the share of the charge left 20° after top dead centre, %
 */
export function crankingLeakSim({
  boreMm,
  strokeMm,
  rodMm,
  staticCr,
  closeAbdcDeg,
  rpm,
  leakMm2,
  pAmbKpa,
  tempC,
  n,
}: LeakSim): { pGaugeKpa: number; massLeftPct: number } {
  const startDeg = 180 + closeAbdcDeg
  const { peakKpa, share } = leakingStroke({
    ...{ boreMm, strokeMm, rodMm, startDeg, rpm, leakMm2, pAmbKpa, n },
    clearanceMm3: ((Math.PI / 4) * boreMm ** 2 * strokeMm) / (staticCr - 1),
    endDeg: END_DEG,
    steps: Math.ceil((END_DEG - startDeg) / STEP_DEG),
    tempK: tempC + 273.15,
  })
  return { pGaugeKpa: peakKpa - pAmbKpa, massLeftPct: 100 * share }
}
