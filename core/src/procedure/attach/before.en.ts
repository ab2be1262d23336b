import { stepText } from '../usual-step.ts'

export default stepText({
  title: 'Before anything',
  says: {
    'read-label': () => 'Read the approval label and the serial.',
    'own-safety': () =>
      'Work from the side away from traffic; child locks noticed; nothing in the shell hot from the sun.',
    backrest: () => 'See the vehicle’s backrest latched, and nothing there that the maker did not supply.',
    'as-written': ({ text }: { text: string }) => text,
    console: () => 'Take the removable console out.',
  },
})
