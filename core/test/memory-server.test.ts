import { buildModel, buildUnit, TODAY } from './build.ts'
import { fittingContract } from './contract.ts'
import { MemoryServer } from './memory-server.ts'

const model = buildModel()
const unit = buildUnit()
fittingContract('in memory', async () => {
  const server = new MemoryServer(TODAY, (unitId) => (unitId === unit.id ? { model, unit } : undefined))
  return { unitId: unit.id, ask: async (request) => server.ask(request), end: async () => undefined }
})
