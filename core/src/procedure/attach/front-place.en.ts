import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'The front place',
  says: {
    'where-allowed': () => 'A child sits in front only where the handbook and local law allow it.',
    'fully-back': ({ travelMm }: { travelMm: number | undefined }) =>
      `Slide the seat as far back as handbook and belt allow${travelMm === undefined ? '' : `; its track is ${travelMm} mm long`}.`,
  },
})
