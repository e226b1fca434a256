// Loaded into the server that is measured: says on a signal for how long its loop was held at most since the last one.
import { monitorEventLoopDelay } from 'node:perf_hooks'

const delay = monitorEventLoopDelay({ resolution: 5 })
delay.enable()
process.on('SIGUSR2', () => {
  process.stdout.write(`\nloop ${(delay.max / 1e6).toFixed(0)} ${(delay.percentile(99) / 1e6).toFixed(0)}\n`)
  delay.reset()
})
