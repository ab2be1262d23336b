// `npm run --silent assess -- FILE`: the assessment of a case file as JSON.
// Exit 0 ready to travel, 1 not, 2 the file is not valid.
import { coreAndFile, parsedOrFaults } from './lib/core-on-file.mjs'

const { core, data } = await coreAndFile('assess')
const assessment = core.assess(parsedOrFaults(core, core.caseSchema, core.upgradeCase(data)))
console.log(JSON.stringify(assessment, null, 2))
process.exitCode = assessment.verdict === 'ready' ? 0 : 1
