import { fittingContract } from '@nimble-anchor/core/testing/contract'
import { start } from './harness'

fittingContract('the real one, over HTTP', async () => {
  const at = await start({ demo: true })
  return {
    unitId: 'u-sheepshank-1',
    ask: async ({ method, path, body, isShort }) => {
      const asked = method === 'GET' ? at.get(`/api/${path}`) : at.post(`/api/${path}`, body as object)
      const { status, body: said } = await (isShort ? asked.set('Prefer', 'return=minimal') : asked)
      return { status, body: said as unknown }
    },
    end: () => at.end(),
  }
})
