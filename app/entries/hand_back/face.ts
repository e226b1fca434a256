import type { Face } from '../face'

export default {
  stage: 'hand_back',
} satisfies Face
